import type { Schemas } from '../../api/client';
import type { Said } from '../../api/trip';

type Need = Schemas['FieldNeedView'];
type Stood = Pick<Said, 'connected' | 'second'> & { motors?: string; transmitter?: string };

const SAID = {
  motors: (said: Stood) => said.motors,
  transmitter: (said: Stood) => said.transmitter,
  pack: (said: Stood) => (said.connected === undefined ? undefined : String(said.connected)),
};

const NOT_SAID: Record<Need['ask'], Partial<Said>> = {
  motors: { motors: undefined },
  transmitter: { transmitter: undefined },
  pack: { connected: undefined, since: undefined },
};

/**
 * What is said, with all that comes after it in the order of the hands to be said again: a motor made ready asks for the
 * pack anew.
 */
function asSaid(needs: readonly Need[], need: Need, value: string): Partial<Said> {
  const after = needs.slice(needs.indexOf(need) + 1).map((n) => NOT_SAID[n.ask]);
  const said =
    need.ask === 'pack'
      ? { connected: value === 'true', since: value === 'true' ? Date.now() : undefined }
      : { [need.ask]: value };
  return Object.assign({}, ...after, said) as Partial<Said>;
}

/**
 * What is still to be said before an item, and what of it is not as it must be. What was said at another item holds on
 * while it is right here too; else it is asked anew.
 */
export function standing(needs: readonly Need[], said: Stood, here: ReadonlySet<Need['ask']>) {
  const all = needs.map((need) => ({ need, is: need.answers.find((a) => a.value === SAID[need.ask](said)) }));
  return {
    open: all.find((a) => !a.is || (!a.is.safe && !here.has(a.need.ask)))?.need,
    unsafe: all.find((a) => a.is && !a.is.safe),
    noSecond: all.some((a) => a.is?.value === 'held') && !said.second.trim(),
  };
}

/** One question at a time, in large letters: how it stands before hands or sticks move. */
export function Before({
  needs,
  need,
  said,
  onSay,
}: {
  needs: readonly Need[];
  need: Need;
  said: Said;
  onSay: (change: Partial<Said>) => void;
}) {
  // As it stood for something else, it is not as it must be here.
  const before = need.answers.find((a) => a.value === SAID[need.ask](said));
  return (
    <fieldset className="flex flex-col border-t-[3px] border-black">
      <legend className="sr-only">{need.words}</legend>
      <p className="px-4 py-2 text-[24px] leading-tight">
        {before && <strong className="block">{before.do}</strong>}
        <span aria-hidden>First: {need.words.toLowerCase()} is</span>
      </p>
      {need.answers.map((a) => (
        <button
          type="button"
          key={a.value}
          onClick={() => onSay(asSaid(needs, need, a.value))}
          className="min-h-[72px] border-t-[3px] border-black px-4 py-2 text-left text-[24px] leading-tight font-bold"
        >
          {a.words}
        </button>
      ))}
    </fieldset>
  );
}
