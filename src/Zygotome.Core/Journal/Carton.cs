namespace Zygotome.Core.Journal;

/// <summary>How the carton looked before it was opened: it decides who pays for what is broken inside.</summary>
public enum Carton
{
    NotLooked,
    Sound,
    Scuffed,
    Crushed,
    Torn,
    Wet,
}
