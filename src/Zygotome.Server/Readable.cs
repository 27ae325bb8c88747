namespace Zygotome.Server;

/// <summary>
/// Something on file that cannot be shown: what it is called, and why. A list goes on without it and says so.
/// </summary>
public sealed record UnreadableView(string Id, string Why);

/// <summary>A list made of what can be read, and what cannot.</summary>
internal sealed record Listing<T>(IReadOnlyList<T> Made, IReadOnlyList<UnreadableView> Unreadable);

/// <summary>
/// Makes lists one by one, so that a job, a sheet or a draft that cannot be read is named in its list and harms no
/// other.
/// </summary>
internal sealed partial class Readable(ILogger<Readable> log)
{
    public Listing<T> Each<TOf, T>(IEnumerable<TOf> all, Func<TOf, string> id, Func<TOf, T> make)
    {
        var made = new List<T>();
        var unreadable = new List<UnreadableView>();
        foreach (var one in all)
        {
            try
            {
                made.Add(make(one));
            }
            catch (Store.UnreadableJobException e)
            {
                unreadable.Add(new UnreadableView(id(one), e.Why));
            }
            catch (InvalidDataException e)
            {
                unreadable.Add(new UnreadableView(id(one), e.Message));
            }
            catch (Exception e) when (e is not System.Data.Common.DbException)
            {
                NotMade(id(one), e);
                unreadable.Add(new UnreadableView(id(one), "a rule of this program fails on it."));
            }
        }

        return new Listing<T>(made, unreadable);
    }

    [LoggerMessage(LogLevel.Error, "{Id} is on file and cannot be listed.")]
    private partial void NotMade(string id, Exception e);
}
