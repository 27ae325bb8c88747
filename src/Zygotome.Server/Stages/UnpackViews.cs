using Zygotome.Core.Drawing;
using Zygotome.Core.Job;
using Zygotome.Core.Quantities;
using Zygotome.Core.Sheets;
using Zygotome.Core.Unpack;

namespace Zygotome.Server.Stages;

public sealed record PartCountView(
    string Id,
    string Name,
    int Listed,
    int Present,
    int Wrong,
    CountStanding Standing,
    int Short,
    IReadOnlyList<string> BlocksSteps,
    bool IsFastener,
    bool Misprint
);

public sealed record BagView(string Bag, bool Counted, IReadOnlyList<PartCountView> Parts);

/// <param name="Source">Where its numbers come from when it is not in the box.</param>
/// <param name="OnIt">What must be on it. <paramref name="Photos"/>: pictures of it.</param>
public sealed record PaperView(string Paper, bool Found, string Source, string OnIt, IReadOnlyList<PhotoMark> Photos);

public sealed record FindingView(
    string Id,
    string Tag,
    string Place,
    string PlaceName,
    PlaceKind PlaceKind,
    FindingKind Kind,
    double Size,
    string Note,
    Grade Grade,
    string GradeWords,
    string Rule,
    string RuleText,
    Disposition? Disposition,
    string RepairedHow,
    string RepairedBy,
    DateTimeOffset? HandleAt,
    string ReinspectedBy,
    bool Cleared,
    string Standing,
    DrawingSide View,
    Origin Origin,
    string OriginWords,
    string OriginRule,
    string OriginWhy,
    bool Claimable,
    IReadOnlyList<PhotoMark> Photos,
    IReadOnlyList<WayOut> WaysOut,
    string StepId
)
{
    /// <summary>"crack of 12 mm".</summary>
    public required string What { get; init; }

    /// <summary>What was opened for it, as people say it; empty where nothing is.</summary>
    public required string Behind { get; init; }

    /// <summary>It has to dry, and another look ends it.</summary>
    public required bool Dries { get; init; }

    /// <summary>Glue that harms the joint of its repair.</summary>
    public required IReadOnlyList<HarmView> Harms { get; init; }

    /// <summary>Its repair is proven by a wiggle while it is called out.</summary>
    public required bool Wiggles { get; init; }
}

/// <summary>A point of the walk where hands come to, in drawing places of the plan view.</summary>
public sealed record WalkPointView(
    string Id,
    string Title,
    string Part,
    PlaceKind Kind,
    double X,
    double Y,
    double Across,
    double Down,
    string Feel,
    WalkAnswer? Answer,
    string By,
    string FindingTag,
    bool MayBeLeftOff
);

public sealed record ClaimableView(
    string Id,
    bool IsPart,
    string Text,
    bool Stands,
    string Why,
    bool Sent,
    bool Written
);

public sealed record ClaimView(
    string Id,
    int Number,
    string To,
    string By,
    DateTimeOffset At,
    string Wish,
    IReadOnlyList<string> What,
    string LetterHash,
    string? MailFile,
    bool IsSent,
    ClaimAnswerKind? Answer,
    string AnswerWords,
    string AnswerText,
    DateOnly? PartsDue,
    bool PartsLate,
    bool Arrived
);

/// <summary>Claims of the job and what else could be claimed.</summary>
/// <param name="ByLetter">The supplier has no address for mail: a claim is a letter to be posted.</param>
public sealed record ClaimsView(
    string Supplier,
    string Contact,
    bool ByLetter,
    DateOnly? Until,
    int? DaysLeft,
    IReadOnlyList<ClaimableView> Claimable,
    IReadOnlyList<ClaimView> Sent
);

public sealed record SubstituteView(string Part, int Quantity, string Size, string Why, string By);

/// <param name="MinutesPossible">Hands-on minutes that can still be worked without what is missing.</param>
/// <param name="TakenBefore">Screws that other jobs of this kit took instead of listed ones, the latest first.</param>
/// <param name="Opened">Canopies and hatches that a finding may lie behind.</param>
/// <param name="LastCount">The last count that can be taken back; null when there is none.</param>
public sealed record UnpackView(
    IReadOnlyList<PaperView> Papers,
    IReadOnlyList<BagView> Bags,
    IReadOnlyList<string> Extra,
    IReadOnlyList<FindingView> Findings,
    double MinutesPossible,
    double MinutesAll,
    IReadOnlyList<WalkPointView> Walk,
    IReadOnlyList<SubstituteView> Substitutes,
    IReadOnlyList<RememberedScrew> TakenBefore,
    IReadOnlyList<OpenedView> Opened,
    ClaimsView Claims,
    LastEntryView? LastCount
);

/// <summary>A part of the drawing that is opened to come at something inside.</summary>
public sealed record OpenedView(string Part, string Name);

/// <summary>Where something was tapped, and what is wrong there.</summary>
public sealed record GradePost(PlaceKind PlaceKind, FindingKind Kind, Length Size);

public sealed record GradeView(Grade Grade, string GradeWords, string Rule, string Text);

/// <summary>What a part of the drawing can have wrong with it.</summary>
public sealed record PlacesView(IReadOnlyList<PlaceView> Places);

/// <summary>A place it has, and what can be wrong there, the likeliest first.</summary>
public sealed record PlaceView(PlaceKind Kind, IReadOnlyList<KindView> Kinds);

/// <param name="HasSize">Somebody lays a rule on it.</param>
public sealed record KindView(FindingKind Kind, bool HasSize);

/// <summary>A screw in hand, against a listed one. What the sheet does not state may be measured.</summary>
public sealed record SubstitutePost(
    string Part,
    Length Diameter,
    Length Length,
    Length? Stack = null,
    Length? Depth = null
);

/// <summary>An outline at true size, mm.</summary>
public sealed record OutlineView(string Name, string Path, double Width, double Height);

/// <param name="Least">Shortest that holds, mm under the head. <paramref name="Most"/>: longest that does not
/// bottom.</param>
/// <param name="NeedsMeasuring">The sheet states neither stack nor depth.</param>
public sealed record JudgedView(
    bool Fits,
    string Why,
    double? Least,
    double? Most,
    bool Misprint,
    bool NeedsMeasuring,
    OutlineView Listed,
    OutlineView InHand
);
