import { useEffect } from 'react';
import { useNavigate } from 'react-router';
import { STAGE_KEYS } from './stageKeys';

const REGIONS = ['now', 'list', 'act', 'ruler', 'rail', 'lamps'];

/**
 * Keys that work everywhere in a job. Bare keys belong to what has focus; these all have a modifier or are no
 * characters.
 */
export function useKeys(jobId: string, stage: string, openFind: () => void) {
  const navigate = useNavigate();
  useEffect(() => {
    const focusIn = (region: string) => {
      const box = document.querySelector(`[data-region=${region}]`);
      const target = box?.querySelector<HTMLElement>(
        '[data-entry], [aria-current=page], button:not(:disabled), input, select, a, [tabindex="0"]',
      );
      target?.focus();
      return !!target;
    };
    const down = (e: KeyboardEvent) => {
      if (e.isComposing) return;
      const index = (STAGE_KEYS as readonly string[]).indexOf(stage);
      if (e.altKey && (e.key === 'PageUp' || e.key === 'PageDown')) {
        void navigate(`/jobs/${jobId}/${STAGE_KEYS[(index + (e.key === 'PageUp' ? 9 : 1)) % 10]}`);
      } else if (e.key === 'F6') {
        const here = REGIONS.findIndex((r) => document.activeElement?.closest(`[data-region=${r}]`));
        for (let i = 1; i <= REGIONS.length; i++) if (focusIn(REGIONS[(here + i) % REGIONS.length]!)) break;
      } else if ((e.ctrlKey || e.metaKey) && e.key.toLowerCase() === 'k') {
        openFind();
      } else if (e.key === 'Escape' && !e.defaultPrevented && !document.querySelector('[role=dialog],[role=menu]')) {
        const active = document.activeElement as HTMLElement | null;
        if (active?.matches('input, textarea, select')) active.blur();
        else focusIn('ruler');
        return;
      } else return;
      e.preventDefault();
    };
    window.addEventListener('keydown', down);
    return () => window.removeEventListener('keydown', down);
  }, [jobId, navigate, openFind, stage]);
}
