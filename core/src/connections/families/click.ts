import { sizeWords } from '../../quantity/size';
import { CLICK_SOURCE } from '../standards/couplings';
import { bare, defineJointFamily, judgements } from './joint-family';

const JUDGEMENTS = judgements({
  'same-half': ['will-not-go'],
  'other-size': ['will-not-go'],
  clicks: ['holds'],
});
/** Length of the plug inside the socket [mm] (from memory). */
const PLUG_MM = 22;

/** Click couplings of garden hose: the plug carries its own ring. */
export const click = defineJointFamily({
  kinds: ['click', 'click'],
  judge: (a, b) => {
    if (a.part === b.part) return JUDGEMENTS['same-half'];
    return a.size === b.size ? JUDGEMENTS.clicks : JUDGEMENTS['other-size'];
  },
  explain: (a, b, _conditions, { reason }) => {
    const [plug, socket] = a.part === 'plug' ? [a, b] : [b, a];
    switch (reason as keyof typeof JUDGEMENTS) {
      case 'same-half':
        return bare(
          a.part === 'plug' ? 'Both are plugs.' : 'Both are sockets.',
          [CLICK_SOURCE],
          a.part === 'plug' ? 'Put a socket on one.' : 'Put a double plug between.',
        );
      case 'other-size':
        return bare(
          `A ${sizeWords(plug.size)} plug does not snap into a ${sizeWords(socket.size)} socket.`,
          [CLICK_SOURCE],
          'Put a reducer between the two sizes.',
        );
      case 'clicks':
        return {
          ...bare('The ring on the plug seals. Most makers share the pattern, not all: hear it click, then pull.', [
            CLICK_SOURCE,
          ]),
          engagementMm: PLUG_MM,
        };
    }
  },
});
