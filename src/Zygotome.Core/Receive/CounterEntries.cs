using Zygotome.Core.Journal;
using Zygotome.Core.Quantities;
using Zygotome.Core.Sheets;

namespace Zygotome.Core.Receive;

/// <summary>Another pack the owner has: weighed and measured, so that it can be chosen.</summary>
public sealed record PackBrought(string Name, Battery Battery) : EntryBody
{
    public override Refusal? Admit(JobState state, Entry entry) =>
        Texts.Reason(Name, "body.name", "Give the pack a name, such as \"blue 2600\".")
        ?? Texts.Fits(Name, "body.name", 60)
        ?? (
            state.Receive.Packs.Count >= 12
                ? new Refusal("receive/packs", "Twelve packs are recorded already.", "body.name")
            : state.Receive.Packs.Any(p => p.Name == Name.Trim())
                ? new Refusal("receive/pack-name", $"There is a pack called {Name.Trim()} already.", "body.name")
            : null
        )
        ?? Battery.Admit("body.battery");

    public override JobState Apply(JobState state, Entry entry) =>
        state.With(state.Receive with { Packs = state.Receive.Packs.Add(new PackHeld(Name.Trim(), Battery)) });

    public override string Say(JobState state) => $"Pack {Name.Trim()}, {Battery.Mass.Text}";
}

/// <summary>Which of the packs flies. Weight and balance are shown anew.</summary>
public sealed record PackChosen(string Name) : EntryBody
{
    public override bool IsDecision() => true;

    public override Refusal? Admit(JobState state, Entry entry) =>
        state.Receive.Packs.Any(p => p.Name == Name)
            ? null
            : new Refusal("receive/pack", $"There is no pack called \"{Name}\".", "body.name");

    public override JobState Apply(JobState state, Entry entry) =>
        state.Receive.Packs.FirstOrDefault(p => p.Name == Name) is { } pack
            ? state
                .With(state.Receive with { Battery = pack.Battery })
                .Set(entry, new Setting(SettingKind.Pack), pack.Words)
            : state.NotSupported(entry);

    public override string Say(JobState state) => $"Pack {Name} chosen to fly";
}

public sealed record TransmitterBrought(string Name, string Memories, int? FreeMemories = null) : EntryBody
{
    public override Refusal? Admit(JobState state, Entry entry) =>
        Texts.Reason(Name, "body.name", "Say which transmitter it is.")
        ?? Texts.Fits(Name, "body.name", 80)
        ?? Texts.Fits(Memories, "body.memories")
        ?? (
            FreeMemories is < 0 or > 1000
                ? new Refusal("receive/memories", $"{FreeMemories} free memories is not possible.", "body.freeMemories")
                : null
        );

    public override JobState Apply(JobState state, Entry entry) =>
        state
            .With(state.Receive with { Transmitter = new TransmitterHeld(Name.Trim(), Memories.Trim(), FreeMemories) })
            .Say(entry, new Setting(SettingKind.Transmitter), Name.Trim());

    public override string Say(JobState state) => $"Transmitter {Name.Trim()}";
}

/// <summary>
/// Lights, camera, recorder and the like. Once the aircraft was weighed, something more aboard makes that stale.
/// </summary>
public sealed record AddOnBrought(
    string Name,
    Quantity Mass,
    Quantity? At = null,
    AddOnState State = AddOnState.Recorded
) : EntryBody
{
    public override Refusal? Admit(JobState state, Entry entry) =>
        Texts.Reason(Name, "body.name", "Say what it is.")
        ?? Texts.Fits(Name, "body.name", 80)
        ?? Masses.Possible(Mass, "body.mass", 2000)
        ?? (
            At is not null && (At.Dimension != Dimension.Length || Math.Abs(At.Nominal) > 5000)
                ? new Refusal("receive/place", $"\"{At.Text}\" is not a place on this aircraft.", "body.at")
                : null
        );

    public override JobState Apply(JobState state, Entry entry) =>
        state
            .With(
                state.Receive with
                {
                    AddOns = state
                        .Receive.AddOns.RemoveAll(a => a.Name == Name.Trim())
                        .Add(new AddOn(Name.Trim(), Mass, At, State)),
                }
            )
            .Say(
                entry,
                new Setting(SettingKind.Payload, Name.Trim()),
                At is null ? $"{Mass.Text} aboard" : $"{Mass.Text} at {At.Text}"
            );

    public override string Say(JobState state) =>
        $"{Name.Trim()}, "
        + $"{Mass.Text}{State switch { AddOnState.Tested => ", tested", AddOnState.NotConnected => ", not connected", _ => "" }}";
}

/// <summary>The carton as it stood on the counter.</summary>
public sealed record CartonSeen(Carton Carton, string Note) : EntryBody
{
    public override Refusal? Admit(JobState state, Entry entry) => Texts.Fits(Note, "body.note");

    public override JobState Apply(JobState state, Entry entry) =>
        state.With(state.Receive with { Carton = Carton, CartonNote = Note });

    public override string Say(JobState state) => $"Carton {CartonWords.Of(Carton)}";
}

/// <summary>
/// Who the kit came from, when it was not said at the counter, and the day it came: the claim clock runs from there.
/// </summary>
public sealed record SupplierSaid(Supplier Supplier, DateOnly? ReceivedOn = null) : EntryBody
{
    public override Refusal? Admit(JobState state, Entry entry) =>
        Supplier.Admit("body.supplier")
        ?? (
            ReceivedOn is { } on
            && (
                on > DateOnly.FromDateTime(entry.ObservedAt.UtcDateTime).AddDays(1)
                || on < DateOnly.FromDateTime(entry.ObservedAt.UtcDateTime).AddDays(-366)
            )
                ? new Refusal(
                    "receive/received-on",
                    $"{DayWords.Of(on)} is not a day of the last year.",
                    "body.receivedOn"
                )
                : null
        );

    public override JobState Apply(JobState state, Entry entry) =>
        state.With(state.Receive with { Supplier = Supplier, ReceivedOn = ReceivedOn ?? state.Receive.ReceivedOn });

    public override string Say(JobState state) => $"From {Supplier.Name}";
}

/// <summary>A picture of the outside of the box. <paramref name="Hash"/>: SHA-256 of the stored picture.</summary>
public sealed record BoxPhotographed(string Hash, string Note = "") : EntryBody, IHoldsPhoto
{
    public override Refusal? Admit(JobState state, Entry entry) =>
        Texts.Fits(Note, "body.note")
        ?? (
            state.Receive.BoxPhotos.Count >= Photos.Most
                ? new Refusal("photo/many", $"{Photos.Most} pictures of the box are kept already.", "body.hash")
                : Photos.Named(Hash)
        );

    public override JobState Apply(JobState state, Entry entry) =>
        state.With(state.Receive with { BoxPhotos = state.Receive.BoxPhotos.Add(new PhotoKept(Hash, Note)) });

    public override string Say(JobState state) => "Box photographed";
}

/// <summary>A school other than the shop's default, or the default said aloud.</summary>
public sealed record SchoolChosen(string School, string Option, string Reason = "") : EntryBody
{
    public override bool IsDecision() => true;

    public override Refusal? Admit(JobState state, Entry entry) =>
        Schools.Find(School) is not { } school
            ? new Refusal("receive/school", $"\"{School}\" is not a question anybody asked.", "body.school")
        : school.Option(Option) is not { } option
            ? new Refusal(
                "receive/school-option",
                $"\"{Option}\" is not an answer to {school.Question}; "
                    + $"{string.Join(", ", school.Options.Select(o => o.Id))} are.",
                "body.option"
            )
        : School == Schools.TailFixing
        && Option == "screws"
        && !state.Built.Steps.Any(s => s.School.GetValueOrDefault(School) == "screws")
            ? new Refusal("receive/school-sheet", "The sheet does not say that screws carry the tail.", "body.option")
        : School == Schools.FirstFlightBalance && Option == "owners" && !Rights.Leads(entry.By)
            ? new Refusal("receive/lead", "Only a lead takes the owner's own balance point.", "body.option")
        : LeavesOut(state, option) is { } left
            ? new Refusal(
                "receive/school-step",
                $"\"{left.Title}\" would be left out, and \"{option.Text}\" has no step for what it fits.",
                "body.option"
            )
        : option != school.Default && state.Steps.Count > 0
            ? Texts.Reason(Reason, "body.reason", "Work has begun: say why it changes.")
        : Texts.Fits(Reason, "body.reason");

    // A step may go where another of the same question fits the same, where it fits nothing, or where the option says that
    // this very part is left off.
    private StepSpec? LeavesOut(JobState state, SchoolOption option)
    {
        bool Asked(StepSpec s, string chosen) => s.School.TryGetValue(School, out var o) && o == chosen;
        var instead = state.Built.Steps.Where(s => Asked(s, Option)).ToArray();
        return state.Sheet.Steps.FirstOrDefault(s =>
            s.School.ContainsKey(School)
            && !Asked(s, Option)
            && (s.AddsMass || s.Disturbs.Length > 0)
            && !option.LeavesOff
            && !instead.Any(i => s.Fits.All(i.Fits.Contains) && (s.Fits.Length > 0 || i.AddsMass))
        );
    }

    public override JobState Apply(JobState state, Entry entry) =>
        (state with { Schools = state.Schools.SetItem(School, new SchoolAnswer(Option, Reason, entry.By)) })
            .Set(entry, new Setting(SettingKind.School, School), Schools.Find(School)?.Option(Option)?.Text ?? Option)
            .Resheet(entry);

    public override string Say(JobState state) =>
        Schools.Find(School) is { } s ? $"{s.Question}: {s.Option(Option)?.Text ?? Option}" : School;
}

/// <summary>A line of the to-buy list is ordered, here, or not needed after all.</summary>
public sealed record ToBuySaid(string Item, BuyState State, DateOnly? Due = null, string Note = "") : EntryBody
{
    public override Refusal? Admit(JobState state, Entry entry) =>
        Texts.Reason(Item, "body.item", "Say which line.")
        ?? Texts.Fits(Item, "body.item", 200)
        ?? Texts.Fits(Note, "body.note")
        ?? (
            Due is { } due
            && Math.Abs(due.DayNumber - DateOnly.FromDateTime(entry.ObservedAt.UtcDateTime).DayNumber) > 730
                ? new Refusal("receive/due", $"{DayWords.Of(due)} is not within two years.", "body.due")
                : null
        );

    public override JobState Apply(JobState state, Entry entry) =>
        state.With(
            state.Receive with
            {
                Bought = state.Receive.Bought.SetItem(Item, new Bought(State, Due, Note, Evidence.Of(entry))),
            }
        );

    public override string Say(JobState state) =>
        $"{Item.Split('/')[^1].Replace('-', ' ')}: "
        + $"{(State == BuyState.NotNeeded ? "not needed" : State.ToString().ToLowerInvariant())}";
}
