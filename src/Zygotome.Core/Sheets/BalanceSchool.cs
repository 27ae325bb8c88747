namespace Zygotome.Core.Sheets;

/// <summary>Which part of the balance range to aim for on the first flight.</summary>
public enum BalanceSchool
{
    ForwardThird,
    Middle,
}
