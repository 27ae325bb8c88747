import { useQuery, useQueryClient } from '@tanstack/react-query';
import { useState } from 'react';
import { Link, useNavigate, useSearchParams } from 'react-router';
import { answer, api, type Refusal, refusalOf } from '../../api/client';
import { refresh, useCustomers, useDrawing, useSheets } from '../../api/queries';
import { Act } from '../../shared/Act';
import { CureRail } from '../../shared/CureRail';
import { Drawing } from '../../shared/Drawing';
import { useKept } from '../../shared/kept';
import { Mat } from '../../shared/Paper';
import { panelOf, Tabs } from '../../shared/Tabs';
import { day } from '../../shared/time';
import { BudgetOver, PackWords } from './Budget';
import { emptyCounter, measured, opening, promised, question, wanting } from './counter';
import { CounterBox } from './CounterBox';
import { CounterKit } from './CounterKit';
import { CounterPacks } from './CounterPacks';
import { CounterRadio } from './CounterRadio';
import { KitsOnTheMat } from './KitsOnTheMat';

type Room = 'kit' | 'packs' | 'radio' | 'box';

/**
 * A kit comes over the counter: while the owner is still there, whether the pack fits and balances and the receiver has
 * the ports.
 */
export function ReceiveNew() {
  const [query] = useSearchParams();
  const order = query.get('order') ?? '';
  const [room, setRoom] = useState<Room>('kit');
  const [form, put, forget] = useKept(`counter ${order}`, emptyCounter);
  const [refusal, setRefusal] = useState<Refusal>();
  const [findSheet, setFindSheet] = useState('');
  const { data: sheets } = useSheets(findSheet);
  const { data: owners } = useCustomers();
  const navigate = useNavigate();
  const client = useQueryClient();

  const sheet = form.sheet;
  const { data: drawing } = useDrawing(sheet?.drawing);
  const owner = form.owner ?? (form.newOwner ? undefined : owners?.find((c) => c.id === query.get('customer')));
  const packs = measured(form);
  const asked =
    sheet && (packs.length > 0 || form.packLater) && (form.receiverLater || form.receiver.channels.trim())
      ? question(form, sheet)
      : undefined;
  const { data, error } = useQuery({
    queryKey: ['outlook', asked],
    enabled: !!asked,
    retry: false,
    placeholderData: (before) => before,
    queryFn: async () => answer(await api.POST('/api/receive/outlook', { body: asked! })),
  });

  // The answer before stays while the next is on its way, but not once nothing is asked.
  const outlook = asked && data;

  const receive = async () => {
    if (!sheet) return;
    setRefusal(undefined);
    try {
      const opened = answer(await api.POST('/api/jobs', { body: opening(form, sheet, owner, order) }));
      forget();
      await refresh(client);
      void navigate(`/jobs/${opened.jobId}/receive`);
    } catch (e) {
      setRefusal(refusalOf(e));
    }
  };
  const missing = wanting(form, owner);

  return (
    <div className="frame">
      <nav
        aria-label="Places"
        className="flex flex-col border-r-2 border-ink bg-steel [grid-area:ruler] max-lg:flex-row max-lg:border-b-2"
      >
        <p className="px-4 py-5 text-[22px] font-bold max-lg:hidden">{order ? `Order ${order}` : 'New job'}</p>
        <Link to="/jobs" className="flex min-h-[52px] items-center border-y border-steel-edge px-4 text-[17px]">
          All jobs
        </Link>
        <button
          type="button"
          className="flex min-h-[52px] items-center border-b border-steel-edge px-4 text-left text-[15px]"
          onClick={() => {
            forget();
            setRoom('kit');
          }}
        >
          begin again, empty
        </button>
      </nav>
      <Mat
        title="Receive"
        aside={sheet ? `${sheet.name}, ${sheet.class}, revision ${sheet.revision}` : 'which kit is it?'}
      >
        {!sheet && <KitsOnTheMat sheets={sheets?.sheets ?? []} onChoose={(s) => put({ sheet: s })} />}
        {drawing && (
          <Drawing
            drawing={drawing}
            mode="plain"
            over={(px) => outlook && <BudgetOver budget={outlook.budget} px={px} />}
            pad={{ top: 84, bottom: outlook ? 236 : 48 }}
          />
        )}
        {(outlook || error) && (
          <div
            role="status"
            className="absolute right-4 bottom-12 left-4 max-h-[220px] overflow-y-auto border-2 border-ink bg-paper
              px-4 py-2 text-ink phone:inset-0 phone:max-h-none phone:border-0"
          >
            {error && <p className="text-[17px] text-red">{error.message}</p>}
            {outlook && !error && (
              <>
                <PackWords budget={outlook.budget} />
                {form.packLater && <p className="pb-1 text-[16px]">The pack is still to be chosen.</p>}
                <p
                  className={`border-t border-steel pt-1 text-[16px] ${outlook.portsEnough === false ? 'text-red' : ''}`}
                >
                  {outlook.portsEnough !== null && (
                    <strong>
                      {outlook.portsEnough ? 'The receiver has the ports.' : 'The receiver has too few ports.'}{' '}
                    </strong>
                  )}
                  {outlook.portsWhy}
                </p>
                {outlook.speaksAlike !== null && (
                  <p className={`text-[16px] ${outlook.speaksAlike ? '' : 'font-bold text-red'}`}>
                    {outlook.speaksWhy}
                  </p>
                )}
              </>
            )}
          </div>
        )}
      </Mat>
      <section
        aria-label="Paper"
        className="flex min-h-0 flex-col border-l-2 border-ink bg-paper [grid-area:paper] max-lg:border-t-2 max-lg:border-l-0"
      >
        <Tabs
          label="What comes in"
          value={room}
          onChoose={setRoom}
          tabs={[
            { key: 'kit', title: 'Kit, owner' },
            {
              key: 'packs',
              title: 'Packs',
              note: form.packLater ? 'to be chosen' : packs.length > 0 ? `${packs.length} measured` : 'not yet',
            },
            {
              key: 'radio',
              title: 'Radio',
              note: form.receiverLater ? 'to be bought' : form.receiver.name || `${form.receiver.channels} channels`,
            },
            { key: 'box', title: 'Box, date', note: day(promised(form)) },
          ]}
        />
        <div
          data-region="now"
          {...panelOf(room)}
          className="flex min-h-0 flex-1 flex-col gap-3 overflow-y-auto px-[18px] py-3"
        >
          {room === 'kit' && (
            <CounterKit
              key={form.entryId}
              form={form}
              put={put}
              sheets={sheets?.sheets ?? []}
              onFindSheet={setFindSheet}
              owner={owner}
            />
          )}
          {room === 'packs' && <CounterPacks form={form} put={put} />}
          {room === 'radio' && <CounterRadio form={form} put={put} />}
          {room === 'box' && <CounterBox form={form} put={put} />}
        </div>
        {refusal && (
          <p role="alert" className="border-t-2 border-red px-[18px] py-2 text-[16px] text-red">
            {refusal.message}
          </p>
        )}
        <Act label="Take it in" onAct={() => void receive()} disabled={!!missing} hint={missing} />
      </section>
      <CureRail />
    </div>
  );
}
