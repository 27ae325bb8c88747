import { useState } from 'react';
import type { Schemas } from '../../api/client';
import { WORDS } from '../../api/contract';
import { Choice } from '../../shared/Choice';
import { Jaws, verdictWords } from '../../shared/Jaws';
import type { Props } from './entries';

type Part = { job: Props['job']; data: Schemas['BindView']; recorder: Props['recorder'] };

/** Bound, to which memory, and that the transmitter shows that memory; when it does not bind, why it may not. */
export function Binding({ job, data, recorder }: Part) {
  const bound = !data.bound.open;
  const [anew, setAnew] = useState(false);
  return (
    <>
      {bound && !anew ? (
        <section aria-label="Bound">
          <h2 className="text-[25px] leading-tight font-bold">Bound: {data.bound.reading}</h2>
          <Memory data={data} recorder={recorder} released={job.released} />
          {!job.released && (
            <button type="button" className="button mt-4 min-h-[52px] w-full" onClick={() => setAnew(true)}>
              bind again
            </button>
          )}
          <p className="pt-2 text-[14px] text-pencil">
            Binding again asks for failsafe anew; another memory, for all shown by radio.
          </p>
        </section>
      ) : (
        <Form job={job} data={data} recorder={recorder} onBound={() => setAnew(false)} />
      )}
    </>
  );
}

/** The name is read off the transmitter, not off this screen: nothing stands in the field. */
function Memory({ data, recorder, released }: Pick<Part, 'data' | 'recorder'> & { released: boolean }) {
  const [name, setName] = useState('');
  const [number, setNumber] = useState('');
  const line = data.ready.memory;
  if (!line) return null;
  return (
    <form
      aria-label="Memory on the transmitter"
      className="pt-4"
      onSubmit={(e) => {
        e.preventDefault();
        void recorder.record('bind/memory', { name, number }).then((ok) => {
          if (!ok) return;
          setName('');
          setNumber('');
        });
      }}
    >
      <div className="flex items-center gap-3 text-[18px]">
        <span className="min-w-0 flex-1">
          <strong>Which memory does the transmitter show?</strong>
          <span className={`block text-[15px] ${line.standing === 'notMet' ? 'text-red' : 'text-pencil'}`}>
            {line.reading ? `${line.reading}. ` : ''}
            {line.why}
          </span>
        </span>
        <Jaws line={line} />
        <span className="w-[80px] text-[16px]">{verdictWords(line)}</span>
      </div>
      {!released && (
        <div className="flex items-end gap-2 pt-2">
          <label className="min-w-0 flex-1 text-[14px] text-pencil">
            name on its screen
            <input className="field text-[20px]" value={name} onChange={(e) => setName(e.target.value)} />
          </label>
          <label className="w-[84px] text-[14px] text-pencil">
            number
            <input className="field text-[20px]" value={number} onChange={(e) => setNumber(e.target.value)} />
          </label>
          <button type="submit" className="button dark min-h-[52px] px-4" disabled={recorder.busy || !name.trim()}>
            Read off
          </button>
        </div>
      )}
    </form>
  );
}

function Form({ data, recorder, onBound }: Part & { onBound: () => void }) {
  const [memory, setMemory] = useState(data.modelMemory);
  const [number, setNumber] = useState(data.memoryNumber);
  const [mode, setMode] = useState(data.mode);
  const [method, setMethod] = useState(data.methods[0] ?? '');
  const [failing, setFailing] = useState(data.ready.failed);
  const cause = data.ready.causes[0];
  const bind = async () => {
    if (await recorder.record('bind/bound', { modelMemory: memory, mode, method, number })) onBound();
  };
  return (
    <section aria-label="Bind" className="flex flex-col gap-3">
      <h2 className="text-[25px] font-bold">Bind</h2>
      {data.bound.standing === 'stale' && <p className="text-[17px] text-red">{data.bound.why}</p>}
      <div className="flex gap-2">
        <label className="min-w-0 flex-1 text-[14px] text-pencil">
          model memory
          <input className="field text-[20px]" value={memory} onChange={(e) => setMemory(e.target.value)} />
        </label>
        <label className="w-[100px] text-[14px] text-pencil">
          its number
          <input className="field text-[20px]" value={number} onChange={(e) => setNumber(e.target.value)} />
        </label>
      </div>
      <Choice
        label="stick mode"
        titled
        value={mode}
        of={[1, 2, 3, 4].map((m) => ({ value: m, words: m }))}
        onChoose={setMode}
        button="button flex-1 text-[18px]"
      />
      <Choice
        label="bound by"
        titled
        value={method}
        of={data.methods.map((m) => ({ value: m, words: m }))}
        onChoose={setMethod}
      />
      <button
        type="button"
        className="button dark min-h-[60px] text-[19px] font-bold"
        disabled={recorder.busy}
        onClick={() => void bind()}
      >
        It is bound
      </button>
      <button
        type="button"
        className="button min-h-[52px]"
        aria-expanded={failing}
        onClick={() => setFailing(!failing)}
      >
        it does not bind
      </button>
      {failing && (
        <div className="border-l-[6px] border-tape bg-tape-wash px-3 py-2">
          <p className="text-[19px] font-bold">
            {cause ? `${capital(WORDS.bindCause[cause])}?` : 'None of the usual causes: make it a finding.'}
          </p>
          {cause && (
            <>
              <p className="text-[15px] text-pencil">
                The most usual cause that was not looked at yet. Mend it and bind.
              </p>
              <button
                type="button"
                className="button mt-2 min-h-[48px]"
                disabled={recorder.busy}
                onClick={() => void recorder.record('bind/failed', { method, not: cause })}
              >
                not that
              </button>
            </>
          )}
        </div>
      )}
    </section>
  );
}

const capital = (words: string) => words.charAt(0).toUpperCase() + words.slice(1);
