namespace Zygotome.Tests;

/// <summary>
/// The hour at which every test's server starts: a Wednesday morning, so that no word and no day depends on when the
/// tests are run.
/// </summary>
internal static class Morning
{
    public static readonly DateTimeOffset Wednesday = new(2026, 11, 4, 9, 30, 0, TimeSpan.Zero);
}
