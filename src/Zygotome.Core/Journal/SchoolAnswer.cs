namespace Zygotome.Core.Journal;

/// <summary>Which option counts, why, and who said so.</summary>
public sealed record SchoolAnswer(string Option, string Reason, Person By);

/// <summary>How a job is done where practitioners differ.</summary>
public static class SchoolsOfJob
{
    extension(JobState state)
    {
        /// <summary>The option that counts for a question: what was said, else the shop's default; empty of a question
        /// nobody knows.</summary>
        public string School(string question) =>
            state.Schools.GetValueOrDefault(question)?.Option ?? Sheets.Schools.Find(question)?.Default.Id ?? "";
    }
}
