'use client';
import { SightKeys } from '../startup/SightKeys';
import { LeakWatch } from '../fuel/LeakWatch';
import { proving as t } from '../../texts/en/proving';

/** Joints of the fuel line, warm and after a night; and those of the exhaust, while it runs. */
export function JointsSection() {
  return (
    <>
      <LeakWatch />
      <h3>{t.exhaustJoints}</h3>
      <SightKeys of={['joints']} dated />
    </>
  );
}
