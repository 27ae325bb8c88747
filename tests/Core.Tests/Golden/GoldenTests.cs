using System.Security.Cryptography;
using System.Text.Json;
using Xunit;
using Zygotome.Core.HandOver;
using Zygotome.Core.Job;
using Zygotome.Core.Journal;
using Zygotome.Store;

namespace Zygotome.Core.Tests.Golden;

/// <summary>
/// What an earlier version stored is read for ever: every entry reads, a sealed release is the same bytes, and an open
/// job is judged as it was but for what <c>tests/Golden/changes.md</c> lists with its reason.
/// </summary>
public sealed class GoldenTests
{
    public static TheoryData<string> Jobs => [.. GoldenJob.Names];

    [Fact]
    public void Every_kind_of_entry_is_kept_as_it_was_stored() =>
        Assert.Empty(
            Stages
                .Kinds.All.Select(k => k.Type)
                .Except(
                    GoldenJob.Names.SelectMany(n => GoldenJob.Read(n).Entries).Select(e => Stages.Kinds.TypeOf(e.Body))
                )
        );

    [Theory]
    [MemberData(nameof(Jobs))]
    public void Every_stored_entry_reads_and_loses_nothing_when_it_is_read(string name)
    {
        foreach (var bytes in GoldenJob.Read(name).Stored)
        {
            var entry = Envelope.Read(bytes, Stages.Kinds);
            Assert.IsNotType<UnknownEntry>(entry.Body);
            Within(
                JsonDocument.Parse(bytes).RootElement,
                JsonDocument.Parse(Envelope.Write(entry, Stages.Kinds)).RootElement,
                $"{name} {entry.EntryId}"
            );
        }
    }

    [Theory]
    [MemberData(nameof(Jobs))]
    public void A_sealed_release_is_the_same_bytes_for_ever(string name)
    {
        var job = GoldenJob.Read(name);
        var releases = job.State.Releases.ToDictionary(r => r.EntryId);
        foreach (var bytes in job.Stored)
        {
            if (Envelope.Read(bytes, Stages.Kinds) is not { Body: Released } entry)
            {
                continue;
            }

            var stored = JsonDocument.Parse(bytes).RootElement.GetProperty("body");
            var shown = releases[entry.EntryId];
            Assert.Equal(
                stored.GetProperty("ledger").GetRawText(),
                JsonSerializer.Serialize(shown.Sealed, EntryJson.Lenient)
            );
            Assert.Equal(shown.Sealed, shown.Ledger.Select(SealedLine.Of));
            Assert.Equal(stored.GetProperty("pdfHash").GetString(), shown.PdfHash);
            Assert.Equal(bytes, Envelope.Write(entry, Stages.Kinds));
        }
    }

    [Theory]
    [MemberData(nameof(Jobs))]
    public void Its_sheets_are_the_bytes_they_were_and_can_still_be_read(string name)
    {
        var state = GoldenJob.Read(name).State;
        foreach (var hash in state.Revisions.Keys.Append(state.Filed.Hash))
        {
            Assert.Equal(hash, Convert.ToHexStringLower(SHA256.HashData(GoldenJob.SheetBytes(hash))));
        }
    }

    /// <summary>
    /// A line that is new is no difference: more may be asked for. Every other one is listed, with its reason.
    /// </summary>
    [Theory]
    [MemberData(nameof(Jobs))]
    public void An_open_job_stands_as_it_stood_but_for_what_is_listed(string name)
    {
        var job = GoldenJob.Read(name);
        if (job.Then is not { } then || job.State.Released)
        {
            return;
        }

        var unlisted = string.Join('\n', Differences(name, then, job.State).Where(d => !d.Listed).Select(d => d.Text));
        Assert.True(unlisted.Length == 0, $"not listed in changes.md:\n{unlisted}");
    }

    [Fact]
    public void Every_listed_change_is_one_and_has_a_reason()
    {
        var differences = GoldenJob
            .Names.Select(GoldenJob.Read)
            .Where(j => j.Then is not null && !j.State.Released)
            .SelectMany(j => Differences(j.Name, j.Then!, j.State))
            .ToArray();
        Assert.All(
            GoldenChange.All,
            c =>
            {
                Assert.Contains(differences, d => c.Concerns(d.Job, d.Line, d.What) && c.Allows(d.Now));
                Assert.True(c.Why.Length > 10, $"{c.Job} {c.Line}: why?");
            }
        );
    }

    private sealed record Difference(string Job, string Line, string What, string Was, string Now)
    {
        public bool Listed => GoldenChange.All.Any(c => c.Concerns(Job, Line, What) && c.Allows(Now));

        public string Text => $"| {Job} | {Line} | {What} | {Now} | why? (was: {Was})";
    }

    private static IEnumerable<Difference> Differences(string name, GoldenStandings then, JobState state)
    {
        var now = Ledger.Of(state, then.AsOf).Select(GoldenLine.Of).ToLookup(l => l.Id);

        // Twice the same id was possible once: the first of then with the first of now, and so on.
        foreach (var group in then.Lines.GroupBy(l => l.Id))
        {
            foreach (var (was, i) in group.Select((l, i) => (l, i)))
            {
                if (now[was.Id].ElementAtOrDefault(i) is not { } line)
                {
                    yield return new(name, was.Id, "gone", was.Cause, "");
                    continue;
                }

                foreach (
                    var (what, before, after) in new[]
                    {
                        ("standing", $"{was.Standing}", $"{line.Standing}"),
                        ("limits", was.Limits, line.Limits),
                        ("cause", was.Cause, line.Cause),
                    }
                )
                {
                    if (before != after)
                    {
                        yield return new(name, was.Id, what, before, after);
                    }
                }
            }
        }
    }

    // Everything the first holds is in the second with the same value; the second may hold more.
    private static void Within(JsonElement part, JsonElement whole, string where)
    {
        Assert.True(part.ValueKind == whole.ValueKind, $"{where}: {part.ValueKind} became {whole.ValueKind}");
        switch (part.ValueKind)
        {
            case JsonValueKind.Object:
                foreach (var property in part.EnumerateObject())
                {
                    Assert.True(whole.TryGetProperty(property.Name, out var found), $"{where}.{property.Name} is lost");
                    Within(property.Value, found, $"{where}.{property.Name}");
                }

                break;
            case JsonValueKind.Array:
                Assert.Equal(part.GetArrayLength(), whole.GetArrayLength());
                foreach (var (item, other) in part.EnumerateArray().Zip(whole.EnumerateArray()))
                {
                    Within(item, other, where);
                }

                break;
            default:
                Assert.True(part.GetRawText() == whole.GetRawText(), $"{where}: {part} became {whole}");
                break;
        }
    }
}
