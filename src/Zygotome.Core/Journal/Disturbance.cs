using Zygotome.Core.Sheets;

namespace Zygotome.Core.Journal;

/// <summary>That something happened which evidence resting on the aspect did not see.</summary>
public sealed record Disturbance(Aspect Aspect, long Seq, DateTimeOffset ObservedAt, string EntryId, string Cause);
