/**
 * Node's test environment, with OpenChemLib loaded once a process and outside the context in which tests run: there every look at a
 * global is slow, and that library looks at `Math` all the time.
 */
import { TestEnvironment } from 'jest-environment-node';
import * as openchemlib from 'openchemlib';

export default class FoxingEnvironment extends TestEnvironment {
  constructor(config, context) {
    super(config, context);
    this.global.openchemlib = openchemlib;
  }
}
