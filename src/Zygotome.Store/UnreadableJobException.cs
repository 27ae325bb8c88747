namespace Zygotome.Store;

/// <summary>
/// A job is on file and cannot be made of its entries; its words say why. Its bytes are where they were.
/// </summary>
public sealed class UnreadableJobException(string job, string why, Exception? inner = null)
    : Exception($"Job {job} cannot be read: {why}", inner)
{
    public string Job => job;

    public string Why => why;
}
