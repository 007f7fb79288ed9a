import { PageHeader } from '../header/PageHeader';
import { NewClipsPart } from './NewClipsPart';
import { StoragePart } from './StoragePart';
import { TroublesPart } from './TroublesPart';
import { WherePart } from './WherePart';

/** The workshop: new clips, processes, jobs and storage. */
export function Workshop() {
  return (
    <main className="min-h-full px-8 pb-16 max-[699px]:px-4">
      <title>Workshop · Salt Drum</title>
      <PageHeader />
      <h1 className="sr-only">Workshop</h1>
      <div className="mx-auto max-w-6xl">
        <TroublesPart />
        <NewClipsPart />
        <WherePart />
        <StoragePart />
      </div>
    </main>
  );
}
