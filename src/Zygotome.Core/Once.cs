namespace Zygotome.Core;

/// <summary>
/// What follows from one immutable thing, made when first asked for and found again while memory allows: one fact of
/// each type. A field of the thing; a copy of the thing begins with none, whatever the field holds, and two things that
/// differ in nothing else are equal. Facts are pure, so that threads which make one at the same time make the same.
/// </summary>
internal struct Once : IEquatable<Once>
{
    // Weakly, so that a job or sheet nobody looks at costs what its own values do.
    private WeakReference<Facts>? _kept;

    /// <summary>The fact of this type about <paramref name="of"/>, whose field this is.</summary>
    public T Of<TOf, T>(TOf of, Func<TOf, T> make)
        where TOf : class
        where T : class
    {
        if (_kept is not { } kept || !kept.TryGetTarget(out var facts) || facts.About != of)
        {
            facts = new Facts(of);
            _kept = new(facts);
        }

        return facts.Find<T>() ?? facts.Add(make(of));
    }

    public readonly bool Equals(Once other) => true;

    public override readonly bool Equals(object? obj) => obj is Once;

    public override readonly int GetHashCode() => 0;

    private sealed class Facts(object about)
    {
        private object[] _made = [];

        public object About { get; } = about;

        public T? Find<T>()
            where T : class
        {
            foreach (var fact in _made)
            {
                if (fact.GetType() == typeof(T))
                {
                    return (T)fact;
                }
            }

            return null;
        }

        // Of two threads one may lose what it added; it is made again.
        public T Add<T>(T fact)
            where T : class
        {
            _made = [.. _made, fact];
            return fact;
        }
    }
}
