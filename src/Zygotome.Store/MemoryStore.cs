using System.Text.Json;
using Dapper;
using Microsoft.Data.Sqlite;
using Zygotome.Core.Job;
using Zygotome.Core.Journal;

namespace Zygotome.Store;

/// <summary>What jobs leave for later ones, made from their journals.</summary>
public sealed class MemoryStore(Database database)
{
    /// <summary>What a job leaves as it stands now, in the commit that changed it.</summary>
    internal static void Keep(SqliteConnection connection, JobState state)
    {
        connection.Execute("DELETE FROM memory WHERE job = @JobId", new { state.JobId });
        connection.Execute(
            "INSERT INTO memory (job, topic, of, seq, at, facts) VALUES (@job, @topic, @of, @seq, @at, @facts)",
            Remembered
                .Left(state)
                .Select(m => new
                {
                    job = state.JobId,
                    topic = $"{m.Topic}",
                    of = m.Of,
                    seq = state.Seq,
                    at = Instants.Write(state.LastRecordedAt),
                    facts = m.Facts,
                })
        );
    }

    /// <summary>What other jobs left of this topic, the latest first.</summary>
    /// <param name="of">The kit or owner it is of.</param>
    /// <param name="job">Whoever asks: its own is not offered to it.</param>
    public IReadOnlyList<T> Of<T>(MemoryTopic topic, string of, string job)
    {
        using var connection = database.Connect();
        return
        [
            .. connection
                .Query<string>(
                    "SELECT facts FROM memory WHERE topic = @topic AND of = @of AND job <> @job "
                        + "ORDER BY at DESC, job DESC, rowid DESC",
                    new
                    {
                        topic = $"{topic}",
                        of,
                        job,
                    }
                )
                .Select(f => JsonSerializer.Deserialize<T>(f, EntryJson.Lenient)!),
        ];
    }
}
