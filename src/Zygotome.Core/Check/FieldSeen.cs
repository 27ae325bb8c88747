using System.Collections.Immutable;
using Zygotome.Core.Journal;

namespace Zygotome.Core.Check;

/// <summary>
/// Something was done outdoors and answered, with what was connected and on: taken whenever it comes, from a device
/// that had no network. What was not safe is kept and answered, and what was seen under it does not count.
/// </summary>
/// <param name="Item">As <see cref="Trip"/> has it.</param>
/// <param name="Metres">m, where it was walked.</param>
public sealed record FieldSeen(string Item, bool Right, FieldState State, double? Metres = null, string Note = "")
    : EntryBody
{
    public override Refusal? Admit(JobState state, Entry entry) =>
        Trip.Of(state).FirstOrDefault(i => i.Id == Item) is not { } item
            ? new Refusal("check/no-item", $"\"{Item}\" is not on this job's trip.", "body.item")
        : item.Metres is not null && Metres is not (>= 5 and <= 500)
            ? new Refusal("check/metres", "A range check is walked over 5 to 500 m.", "body.metres")
        : State.Motors is { } motors && !Enum.IsDefined(motors)
            ? new Refusal("check/motors", "Say how the motors were.", "body.state.motors")
        : Texts.Fits(State.Second, "body.state.second", 60) ?? Texts.Fits(Note, "body.note");

    public override JobState Apply(JobState state, Entry entry)
    {
        if (Trip.Of(state).FirstOrDefault(i => i.Id == Item) is not { } item)
        {
            return state;
        }

        var wrong = Wrong(state, item, entry.By.Name);
        var check = state.Check with
        {
            Field = state.Check.Field.SetItem(Item, new FieldShown(this, wrong, entry.Seq)),
        };
        return state.With(wrong.IsEmpty ? Shown(check, item, entry) : check);
    }

    // Nobody is their own second person.
    private ImmutableArray<string> Wrong(JobState state, TripItem item, string by)
    {
        var alone = string.Equals(State.Second.Trim(), by, StringComparison.OrdinalIgnoreCase);
        string[] before = Trip.NotBefore(state, item) is { Length: > 0 } first ? [first] : [];
        var said = alone ? State with { Second = "" } : State;
        return [.. before, .. FieldNeeds.Wrong(state.Sheet, item.Needs, said, state.The<ILinked>().BoundMemory)];
    }

    // The same facts that the bench records, with the same evidence.
    private CheckState Shown(CheckState check, TripItem item, Entry entry)
    {
        Evidence Next(Evidence? before) => Evidence.Of(entry, before?.Attempt + 1 ?? 1);
        var note = Note.Trim();
        var metres = Metres ?? 0;
        if (item.Own is not null)
        {
            var before = check.Outdoors.GetValueOrDefault(Item)?.Evidence;
            return check with
            {
                Outdoors = check.Outdoors.SetItem(Item, new CheckShown(Right, note, [], Next(before))),
            };
        }

        return Item switch
        {
            "range" => check with
            {
                Range = new RangeShown(new RangeHeld(metres, false, Right, note), Next(check.Range?.Evidence)),
            },
            "range-motor" => check with
            {
                RangeWithMotor = new RangeShown(
                    new RangeHeld(metres, true, Right, note),
                    Next(check.RangeWithMotor?.Evidence)
                ),
            },
            "taxi" => check with
            {
                Taxi = new TaxiShown(
                    new Taxied(Right, Right || note.Length > 0 ? note : "not straight, or not steered, or not stopped"),
                    Next(check.Taxi?.Evidence)
                ),
            },
            _ => check with
            {
                Asks = item
                    .Lines.OfType<CheckAskId>()
                    .Aggregate(
                        check.Asks,
                        (all, id) =>
                            all.SetItem(
                                id.Ask,
                                new CheckShown(Right, note, [], Next(all.GetValueOrDefault(id.Ask)?.Evidence))
                            )
                    ),
            },
        };
    }

    public override IEnumerable<string> Shows() =>
        Item switch
        {
            "range" => [new RangeId(false).Written],
            "range-motor" => [new RangeId(true).Written],
            "taxi" => [new TaxiId().Written],
            "called" => [new FieldCallId().Written],
            "wings" => [],
            _ => [new TripLineId(Item).Written],
        };

    public override string Say(JobState state)
    {
        var item = Trip.Of(state).FirstOrDefault(i => i.Id == Item);
        var wrong = item is null ? [] : Wrong(state, item, "");
        var answer =
            item is null ? Item
            : Right ? item.Good.ToLowerInvariant()
            : item.Bad.ToLowerInvariant();
        return $"Outdoors, {item?.Title.ToLowerInvariant() ?? Item}: {answer}"
            + (wrong.IsEmpty ? "" : $". Does not count: {string.Join(" ", wrong)}");
    }
}

/// <summary>What was last said outdoors of one item, counting or not.</summary>
/// <param name="Wrong">What was not safe; empty where it counts.</param>
public sealed record FieldShown(FieldSeen Seen, ImmutableArray<string> Wrong, long Seq);
