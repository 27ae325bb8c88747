using System.Text.Json;
using Dapper;
using Microsoft.Data.Sqlite;
using Zygotome.Core.Journal;
using Zygotome.Core.Unpack;

namespace Zygotome.Store;

/// <summary>How a lead answered an erratum.</summary>
/// <param name="Revision">The revision of the sheet that says it right; null where the manual is right.</param>
public sealed record ErratumAnswer(int? Revision, string How, string By, DateTimeOffset At);

/// <summary>An erratum of a kit, wherever it was met.</summary>
/// <param name="Answer">Null while it stands.</param>
public sealed record KitErratum(Erratum Of, string Job, string Kit, ErratumAnswer? Answer)
{
    /// <summary>
    /// Whether a job is to be told of it: unanswered, or answered by a revision later than the job's.
    /// </summary>
    public bool Tells(JobState job) => Answer is null || Answer.Revision > job.Sheet.Kit.Revision;
}

/// <summary>
/// What jobs proposed to put right, by kit: made from their journals, so that it says nothing a journal does not; and
/// how it was answered, which stands in the house's register.
/// </summary>
public sealed class ErratumStore(Database database)
{
    private sealed record Row(
        string Id,
        string Job,
        string Kit,
        string Facts,
        long? Answered,
        string? How,
        string? Name,
        string? At
    );

    /// <summary>What a job proposes as it stands now, in the commit that changed it.</summary>
    internal static void Keep(SqliteConnection connection, JobState state)
    {
        connection.Execute("DELETE FROM erratum WHERE job = @JobId", new { state.JobId });
        connection.Execute(
            "INSERT INTO erratum (id, job, kit, at, facts) VALUES (@id, @job, @kit, @at, @facts)",
            state.Unpack.Errata.Select(e => new
            {
                id = e.Id,
                job = state.JobId,
                kit = state.Sheet.Kit.Id,
                at = Instants.Write(e.At),
                facts = JsonSerializer.Serialize(e, EntryJson.Lenient),
            })
        );
    }

    /// <summary>Every erratum of a kit, the oldest first, answered ones too.</summary>
    public IReadOnlyList<KitErratum> Of(string kit) => Find("e.kit = @key ORDER BY e.at, e.id", kit);

    /// <summary>Null where there is none of this id.</summary>
    public KitErratum? Find(string id) => Find("e.id = @key", id).SingleOrDefault();

    /// <summary>Answers it; the first answer stays.</summary>
    public ErratumAnswer Answer(string id, int? revision, string how, Person by, DateTimeOffset at) =>
        HouseChange.Of(
            database,
            change =>
            {
                change.Execute(
                    "INSERT OR IGNORE INTO erratum_answer (id, revision, how, by_id, name, at) "
                        + "VALUES (@id, @revision, @how, @by, @name, @at)",
                    new
                    {
                        id,
                        revision,
                        how,
                        by = by.Id,
                        name = by.Name,
                        at = Instants.Write(at),
                    }
                );
                change.Note("erratum", id);
                return change
                    .Query<(long? Revision, string How, string Name, string At)>(
                        "SELECT revision, how, name, at FROM erratum_answer WHERE id = @id",
                        new { id }
                    )
                    .Select(a => new ErratumAnswer((int?)a.Revision, a.How, a.Name, Instants.Read(a.At)))
                    .Single();
            }
        );

    private List<KitErratum> Find(string where, string key)
    {
        using var connection = database.Connect();
        return
        [
            .. connection
                .Query<Row>(
                    "SELECT e.id, e.job, e.kit, e.facts, a.revision AS answered, a.how, a.name, a.at "
                        + $"FROM erratum e LEFT JOIN erratum_answer a ON a.id = e.id WHERE {where}",
                    new { key }
                )
                .Select(r => new KitErratum(
                    JsonSerializer.Deserialize<Erratum>(r.Facts, EntryJson.Lenient)!,
                    r.Job,
                    r.Kit,
                    r.How is null ? null : new ErratumAnswer((int?)r.Answered, r.How, r.Name!, Instants.Read(r.At!))
                )),
        ];
    }
}
