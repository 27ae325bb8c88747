import { useState } from 'react';
import type { Schemas } from '../../api/client';
import { WORDS } from '../../api/contract';
import { dayAndClock } from '../../shared/time';
import type { EditTools } from './editTools';

type Props = { flag: Schemas['Flag']; said: Schemas['AnswerView'] | undefined; tools: EditTools };

/** Why a number is doubted, the likely misreading, and one-tap answers, kept with who and when. */
export function Doubt({ flag, said, tools }: Props) {
  const [wrong, setWrong] = useState('');
  const mean = async (edit: Partial<Schemas['SheetEdit']>) =>
    setWrong((await tools.edit([{ path: flag.path, ...edit }]))?.message ?? '');
  if (said)
    return (
      <p className="border-l-[6px] border-steel px-3 py-1 text-[15px] text-pencil">
        {flag.reason} <strong>{WORDS.flagAnswer[said.answer]}</strong>, {said.by}, {dayAndClock(said.at)}
      </p>
    );
  const { pair } = flag;
  return (
    <div className="mt-1 border-l-[6px] border-tape bg-tape-wash px-3 py-2 text-[16px]">
      <p>
        {flag.reason} {flag.misreading}
      </p>
      <div className="flex flex-wrap gap-2 pt-2">
        {pair && (
          <button
            type="button"
            className="button px-3 text-[15px] font-bold"
            onClick={() => void mean({ act: 'take', text: pair.band, reason: 'A band printed the other way round.' })}
          >
            A band: {pair.band}
          </button>
        )}
        {pair?.high && (
          <button
            type="button"
            className="button px-3 text-[15px] font-bold"
            onClick={() => void mean({ act: 'twoRates' })}
          >
            Two rates: {pair.high} high, {pair.low} low
          </button>
        )}
        {flag.suggestion && (
          <button
            type="button"
            className="button px-3 text-[15px] font-bold"
            onClick={() => void tools.say(flag.id, 'corrected')}
          >
            Corrected: {flag.suggestion}
          </button>
        )}
        <button type="button" className="button px-3 text-[15px]" onClick={() => void tools.say(flag.id, 'asPrinted')}>
          As printed
        </button>
        <button
          type="button"
          className="button px-3 text-[15px]"
          onClick={() => void tools.say(flag.id, 'confirmedWithMaker')}
        >
          Confirmed with the maker
        </button>
      </div>
      {wrong && (
        <p role="alert" className="pt-1 text-[15px] text-red">
          {wrong}
        </p>
      )}
    </div>
  );
}
