import type { Scene as Shown } from '#contract';
import { Bead, Charcoal } from './BeadAndBlock';
import { Flame } from './Flame';
import { HardGlass } from './HardGlass';
import { Fumes, LimeWater, Paper, Smell, Splint } from './HeldUp';

/** What was held up or held over a burner, drawn as large as the tube in whose place it stands. */
export function Scene({ scene, text }: { scene: Shown; text: string }) {
  switch (scene.is) {
    case 'flame':
      return <Flame scene={scene} text={text} />;
    case 'bead':
      return <Bead scene={scene} text={text} />;
    case 'charcoal':
      return <Charcoal scene={scene} text={text} />;
    case 'hard-glass':
      return <HardGlass scene={scene} text={text} />;
    case 'splint':
      return <Splint scene={scene} text={text} />;
    case 'paper':
      return <Paper scene={scene} text={text} />;
    case 'limewater':
      return <LimeWater scene={scene} text={text} />;
    case 'smell':
      return <Smell scene={scene} text={text} />;
    case 'fumes':
      return <Fumes scene={scene} text={text} />;
  }
}
