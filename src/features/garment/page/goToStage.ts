'use client';
import type { StageId } from '@/core/explain/problem';

/** Shows another stage without asking the server again; the address keeps the place. */
export function goToStage(stage: StageId): void {
  const url = new URL(window.location.href);
  url.searchParams.set('stage', stage);
  window.history.pushState(null, '', url);
}
