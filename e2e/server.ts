/** A throw-away Foxing for a browser worker: its own cluster, the demo data, the port that it is told. */
import { throwawayFoxing } from '../launcher/src/throwaway';
import { WEB } from '../launcher/src/web';

const foxing = await throwawayFoxing({ port: Number(process.env['PORT']), web: WEB, threads: 1 });
const stop = () => void foxing.remove().then(() => process.exit(0));
process.once('SIGTERM', stop);
process.once('SIGINT', stop);
process.once('disconnect', stop);
process.send?.({ url: foxing.servers[0]!.url });
