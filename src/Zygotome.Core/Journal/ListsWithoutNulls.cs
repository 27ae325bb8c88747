using System.Collections;
using System.Text.Json;
using System.Text.Json.Serialization.Metadata;

namespace Zygotome.Core.Journal;

/// <summary>A list has a null in it.</summary>
public sealed class NothingInListException(string list)
    : JsonException($"\"{list}\" has a place with nothing in it (null).")
{
    public string List => list;
}

/// <summary>
/// A list that is sent has something in every place: the serialiser respects nullability of fields, but not of what is
/// in a list.
/// </summary>
public static class ListsWithoutNulls
{
    /// <summary>For the contracts of what clients send. Refuses as any other field of the wrong kind.</summary>
    /// <exception cref="NothingInListException">When read.</exception>
    public static void Modify(JsonTypeInfo type)
    {
        if (type.Kind != JsonTypeInfoKind.Object)
        {
            return;
        }

        var lists = type
            .Properties.Where(p =>
                p.Get is not null
                && p.PropertyType != typeof(string)
                && typeof(IEnumerable).IsAssignableFrom(p.PropertyType)
            )
            .ToArray();
        if (lists.Length > 0)
        {
            type.OnDeserialized += made =>
            {
                foreach (var list in lists)
                {
                    if (list.Get!(made) is IEnumerable items && items.Cast<object?>().Contains(null))
                    {
                        throw new NothingInListException(list.Name);
                    }
                }
            };
        }
    }
}
