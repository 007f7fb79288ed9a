import type { Person } from '../api/types';
import { Card } from './Card';
import { SecondStepPart } from './SecondStepPart';

/** Who has to set up a second step before anything else. */
export function Newcomer({ person }: { person: Person }) {
  return (
    <Card title="A second step">
      <SecondStepPart person={person} first />
    </Card>
  );
}
