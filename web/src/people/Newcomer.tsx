import type { Person } from '../api/types';
import { Card } from './Card';
import { SecondStepPart } from './SecondStepPart';

/** Shown to people who must set up a second step first. */
export function Newcomer({ person }: { person: Person }) {
  return (
    <Card title="A second step">
      <SecondStepPart person={person} first />
    </Card>
  );
}
