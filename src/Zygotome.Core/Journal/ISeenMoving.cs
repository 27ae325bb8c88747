using Zygotome.Core.Sheets;

namespace Zygotome.Core.Journal;

/// <summary>What was seen to move as it must: proof of every lead between it and the stick. Total.</summary>
public interface ISeenMoving
{
    /// <summary>
    /// The entry by which all that is called of a surface, an output or <c>motor-nose</c> had been seen as it must be;
    /// null while something of it was not.
    /// </summary>
    Evidence? SeenMoving(SpecSheet sheet, string of);
}
