using System.Collections.Immutable;
using Zygotome.Core.Journal;
using Zygotome.Core.Quantities;

namespace Zygotome.Core.Wire;

/// <summary>Something about the wiring that somebody looks at, tugs or compares, and says yes or no to.</summary>
/// <param name="Id">Stable: <c>held/receiver</c>.</param>
/// <param name="Words">The question; yes is as it should be.</param>
/// <param name="Why">What it is for, or what to do where it is not so.</param>
/// <param name="Mend">What is done where the answer is no.</param>
public sealed record WireAsk(string Id, string Words, string Why, string Mend)
{
    /// <summary>Nobody concedes it: without it there is no power or no signal.</summary>
    public bool IsVital { get; init; } = true;

    /// <summary>What may hold it: yes says which; none where nothing is held.</summary>
    public ImmutableArray<HeldBy> Ways { get; init; } = [];

    /// <summary>The most it may measure, mm; yes is said by measuring. Null where nothing is measured.</summary>
    public double? Most { get; init; }

    /// <summary>Yes, and no longer than it may be.</summary>
    public bool IsSo(bool right, Length? measured) =>
        right && !(Most is { } most && measured is { } m && Numbers.Round(m.Value - most) > 0);

    /// <summary>Another one of these, and it is looked at anew.</summary>
    public SettingKind On { get; init; } = SettingKind.Receiver;
}
