import fc from 'fast-check';
import { DEEP } from './runs';

/** The sample of every ordinary run: the same cases each time. */
const USUAL_SEED = 20_261_130;

const given = process.env['HERRERO_SEED'];
const seed = given === undefined ? (DEEP ? Math.floor(Math.random() * 2 ** 31) : USUAL_SEED) : Number(given);
fc.configureGlobal({ seed });
if (DEEP) console.log(`Again with the same cases: HERRERO_SEED=${seed} npm run test:deep`);
