import { MeasuringSheet } from '@/features/site/measuring-sheet';

export default function MeasurePage() {
  return <MeasuringSheet />;
}
