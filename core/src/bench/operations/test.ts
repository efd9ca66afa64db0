import * as z from 'zod';
import { gramsForTest, isOrganicTest, ORGANIC_TEST_IDS, waitForTest } from '../../organic/testids';
import { operation } from './operation';

/** Minutes below which nobody does something else meanwhile. */
const SHORT_WAIT = 2;

export const test = operation(
  z
    .strictObject({
      op: z.literal('test'),
      test: z
        .string()
        .refine(isOrganicTest, {
          error: (issue) => `there is no organic test "${String(issue.input)}"; there are ${ORGANIC_TEST_IDS.join(', ')}`,
        })
        .describe('id of a classification test'),
      control: z.enum(['positive', 'negative']).optional().describe('done on a compound that answers, or that does not'),
      rate: z.number().positive().max(60).optional().describe('of a melting point: heating near the end, °C a minute'),
      damp: z.boolean().optional().describe('of a melting point: the sample was not dried'),
      'mixed-with': z.string().min(1).max(500).optional().describe('of a melting point: a reference ground with it, as SMILES'),
    })
    .describe('Puts an organic compound to a classification test.'),
  {
    say: (op) => (op.control ? `Run the ${op.control} control beside it.` : 'Do the test on the sample.'),
    apparatus: (op) => ({ id: `test ${op.test}`, name: op.test.replaceAll('-', ' ') }),
    grams: (op) => (op.control ? 0 : gramsForTest(op.test)),
    wait: (op) => (!op.control && waitForTest(op.test) >= SHORT_WAIT ? waitForTest(op.test) : 0),
  },
);
