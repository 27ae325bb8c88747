using System.Text.Json;
using Zygotome.Core.HandOver;
using Zygotome.Core.Job;
using Zygotome.Core.Journal;
using Zygotome.Core.Quantities;
using Zygotome.Core.Unpack;
using Zygotome.Server.Stages;
using Zygotome.Store;

namespace Zygotome.Server.Shop;

/// <summary>
/// Brings the demo files in through the same admission as live entries, once. Times in the files are minutes before the
/// import was begun, so that cures are running and a job is late whenever it is first started; entry ids are those of
/// the files, so that one that was interrupted goes on where it stopped.
/// </summary>
internal sealed class DemoImport(
    ShopSettings settings,
    ShopStore shop,
    SheetStore sheets,
    JournalWriter writer,
    ClaimDesk claims,
    ReleaseDesk releases
)
{
    private const string Done = "demo-imported";

    private sealed record DemoJob(string Format, string Id, IReadOnlyList<DemoEntry> Entries);

    private sealed record DemoEntry(string Type, string By, double MinutesAgo, JsonElement Body, string Look = "demo");

    /// <summary>Whether a database is a demo's, made whole.</summary>
    public static bool WasDone(Database database) => new ShopStore(database).Setting(Done) is not null;

    /// <param name="folder">Of the demo's files.</param>
    /// <param name="now">When the import was begun.</param>
    public async Task Once(string folder, DateTimeOffset now)
    {
        if (shop.Setting(Done) is not null)
        {
            return;
        }

        var file = Read<ShopFile>(Path.Combine(folder, "shop.json"));
        settings.Bring(file);
        var staff = file.Staff.ToDictionary(p => p.Id, StringComparer.Ordinal);
        var lead = file.Staff.First(Rights.Leads);
        foreach (
            var path in Directory.GetFiles(Path.Combine(folder, "sheets"), "*.sheet.json").Order(StringComparer.Ordinal)
        )
        {
            var bytes = await File.ReadAllBytesAsync(path);
            var reading = SheetDoor.AtImport(bytes, sheets.LastRevision);
            if (reading.Sheet is not { } sheet)
            {
                throw new InvalidDataException(
                    $"{path}: {string.Join("; ", reading.Errors.Select(e => $"{e.Path}: {e.Text}"))}"
                );
            }

            sheets.Add(sheet, bytes);
            sheets.Confirm(sheet.Hash, lead, now);
        }

        foreach (
            var path in Directory.GetFiles(Path.Combine(folder, "jobs"), "*.journal.json").Order(StringComparer.Ordinal)
        )
        {
            await Import(path, Read<DemoJob>(path), staff, file, now);
        }

        shop.PutSetting(Done, now.ToString("O", System.Globalization.CultureInfo.InvariantCulture));
    }

    private async Task Import(
        string path,
        DemoJob job,
        Dictionary<string, Person> staff,
        ShopFile file,
        DateTimeOffset now
    )
    {
        for (var i = 0; i < job.Entries.Count; i++)
        {
            var e = job.Entries[i];
            var at = now.AddMinutes(-e.MinutesAgo);
            if (
                !Core
                    .Job.Stages.Kinds.ReadPosted(e.Type, Fill(e.Body, file, now, at), () => settings.Lists)
                    .Try(out var body, out var refusal)
            )
            {
                throw new InvalidDataException($"{path}, entry {i + 1}: {refusal.Where}: {refusal.Text}");
            }

            var answer = await writer.Record(
                new Post(
                    job.Id,
                    [
                        new Proposal(
                            EntryId: $"{job.Id}-{i + 1}",
                            Type: e.Type,
                            Body: body,
                            ObservedAt: at,
                            ExpectedSeq: i,
                            Compose: body switch
                            {
                                ClaimSent => claims.Compose,
                                Released => releases.Compose,
                                _ => null,
                            }
                        ),
                    ],
                    staff[e.By],
                    e.Look,
                    at
                )
            );
            if (answer is not PostAnswer.Recorded)
            {
                throw new InvalidDataException(
                    $"{path}, entry {i + 1} ({e.Type}): {(answer as PostAnswer.Refused)?.Refusal.Text ?? "overtaken"}"
                );
            }
        }
    }

    // Dates are said by days from now. The opening names its sheet by id and revision, its supplier and receiver by
    // name; the rest is filled in here.
    private JsonElement Fill(JsonElement body, ShopFile file, DateTimeOffset now, DateTimeOffset at)
    {
        DateOnly InDays(JsonElement days) => ShopDay.Of(settings.Rules.TimeZone, now).AddDays(days.GetInt32());
        if (body.TryGetProperty("partsDueInDays", out var due))
        {
            return With(body, new Dictionary<string, object> { ["partsDue"] = InDays(due) }, "partsDueInDays");
        }

        if (!body.TryGetProperty("promisedInDays", out var days))
        {
            return body;
        }

        var sheet = sheets.Find(body.GetProperty("sheetId").GetString()!, body.GetProperty("sheetRevision").GetInt32());
        var fields = new Dictionary<string, object>
        {
            ["sheetHash"] = sheet?.Hash ?? "",
            ["promised"] = InDays(days),
            ["receivedOn"] = ShopDay.Of(settings.Rules.TimeZone, at),
            ["rules"] = settings.Rules,
        };
        if (body.TryGetProperty("supplier", out var supplier))
        {
            fields["supplier"] = file.Suppliers.Single(s => s.Id == supplier.GetString());
        }

        if (body.TryGetProperty("receiver", out var receiver))
        {
            fields["receiver"] = file.Receivers.Single(r => r.Name == receiver.GetString());
        }

        return With(body, fields, "promisedInDays", "supplier", "receiver");
    }

    private static JsonElement With(
        JsonElement body,
        Dictionary<string, object> fields,
        params ReadOnlySpan<string> instead
    )
    {
        foreach (var p in body.EnumerateObject())
        {
            if (!instead.Contains(p.Name))
            {
                fields[p.Name] = p.Value;
            }
        }

        return JsonSerializer.SerializeToElement(fields, EntryJson.Lenient);
    }

    private static T Read<T>(string path)
    {
        try
        {
            return JsonSerializer.Deserialize<T>(File.ReadAllBytes(path), EntryJson.Lenient)!;
        }
        catch (JsonException e)
        {
            throw new InvalidDataException($"{path}: {e.Message}", e);
        }
    }
}
