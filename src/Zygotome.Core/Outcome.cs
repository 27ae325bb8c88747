namespace Zygotome.Core;

/// <summary>A value, or the reason there is none. Core refuses; it does not throw on bad input.</summary>
public readonly struct Outcome<T>
{
    private readonly T? _value;

    private Outcome(T? value, Refusal? refusal) => (_value, Refused) = (value, refusal);

    /// <summary>The refusal, or null when there is a value.</summary>
    public Refusal? Refused { get; }

    public static implicit operator Outcome<T>(T value) => new(value, null);

    public static implicit operator Outcome<T>(Refusal refusal) => new(default, refusal);

    /// <summary>What one of two functions makes of it.</summary>
    public TResult Match<TResult>(Func<T, TResult> value, Func<Refusal, TResult> refusal) =>
        Refused is { } r ? refusal(r) : value(_value!);

    /// <summary>True with the value, false with the refusal.</summary>
    public bool Try(out T value, out Refusal refusal)
    {
        (value, refusal) = (_value!, Refused!);
        return Refused is null;
    }

    /// <summary>The value, or the default of <typeparamref name="T"/> when refused.</summary>
    public T? OrDefault() => _value;
}
