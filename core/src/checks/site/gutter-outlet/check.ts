import { gutterRuns } from '../../../falls/gutter-run';
import { gutterOf, widestOutletM } from '../../../fittings/families/gutter';
import { GUTTER_NAMES } from '../../../connections/gutters';
import { type Report, defineCheck } from '../../define-check';
import { MM_PER_INCH } from '../../../quantity/length';
import { RECTANGULAR_SIZES, sizeInInches } from '../../../quantity/size';
import { atSite } from '../../places';

const RECTANGULAR: readonly string[] = RECTANGULAR_SIZES;

export default defineCheck({
  meta: {
    id: 'site/gutter-outlet',
    severity: 'fails',
    toDo: 'Take a narrower downpipe, two of them, or a wider gutter.',
    sources: [
      { document: 'an outlet takes at most four fifths of the width of its gutter', provenance: 'common-practice' },
    ],
    messages: {
      wide: {
        title: 'Outlet wider than its gutter',
        text: '{part} is {is} wide; the sole of the new gutter of {roof}, {gutter}, takes at most {most}.',
      },
    },
  },
  check: (context) =>
    gutterRuns(context).flatMap(({ roof, items, reaches }): Report<'wide'>[] => {
      const [outlet, gutter] = [items.at(-1), gutterOf(context.job, roof)];
      if (roof.gutterM === 0 || !reaches || !outlet || !gutter) return [];
      // A rectangular one is cut in with its shorter side across.
      const { size, boreMm } = outlet.part;
      const isM = (RECTANGULAR.includes(size) ? sizeInInches(size) * MM_PER_INCH : boreMm) / 1000;
      const mostM = widestOutletM(gutter);
      return isM <= mostM
        ? []
        : [
            {
              messageId: 'wide',
              at: atSite('roofs', roof),
              data: {
                part: `${outlet.part.name} ${outlet.part.detail}`,
                is: { lengthM: isM },
                roof: roof.name,
                gutter: GUTTER_NAMES[gutter.kind],
                most: { lengthM: mostM },
              },
            },
          ];
    }),
});
