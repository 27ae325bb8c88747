using Zygotome.Core.SpecSheets;

namespace Zygotome.Core.Unpack;

/// <summary>How a part stands against the list.</summary>
public enum CountStanding
{
    NotCounted,
    AllHere,
    Missing,
    Extra,
    Wrong,
}

/// <summary>A part against the list, and the steps a shortage blocks.</summary>
public sealed record PartCount(PartSpec Part, int Present, int WrongOnes, CountStanding Standing, int Short, IReadOnlyList<string> BlocksSteps);

/// <summary>Counted against the list: missing, extra, wrong, and what that blocks.</summary>
public static class Counting
{
    public static PartCount Of(SpecSheet sheet, UnpackState state, PartSpec part)
    {
        var (present, wrong) = (state.CountOf(part.Id), state.Wrong.GetValueOrDefault(part.Id));
        var closed = state.CountedBags.ContainsKey(part.Bag);
        var missing = Math.Max(0, part.Quantity - present);
        var standing = wrong > 0 && missing > 0 ? CountStanding.Wrong
            : missing > 0 ? (closed ? CountStanding.Missing : CountStanding.NotCounted)
            : present > part.Quantity ? CountStanding.Extra : CountStanding.AllHere;
        var blocks = standing is CountStanding.Missing or CountStanding.Wrong
            ? sheet.Steps.Where(s => s.Parts.GetValueOrDefault(part.Id) > present).Select(s => s.Title).ToArray()
            : [];
        return new PartCount(part, present, wrong, standing, missing, blocks);
    }

    /// <summary>Hands-on minutes that can still be worked with the shortages as they are: steps that neither miss a part nor come after one that does.</summary>
    public static double MinutesPossible(SpecSheet sheet, UnpackState state)
    {
        var stopped = new HashSet<string>(StringComparer.Ordinal);
        bool more;
        do
        {
            more = false;
            foreach (var step in sheet.Steps)
            {
                if (!stopped.Contains(step.Id) && (step.Parts.Any(p => Of(sheet, state, sheet.Part(p.Key)!) is { Standing: CountStanding.Missing or CountStanding.Wrong } c && c.Present < p.Value) || step.After.Any(stopped.Contains)))
                {
                    more = stopped.Add(step.Id);
                }
            }
        }
        while (more);
        return sheet.Steps.Where(s => !stopped.Contains(s.Id)).Sum(s => s.HandsOn);
    }
}
