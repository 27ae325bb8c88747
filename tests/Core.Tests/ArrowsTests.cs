using System.Text.RegularExpressions;
using Mono.Cecil;
using Mono.Cecil.Cil;
using Xunit;
using Zygotome.Core.Journal;
using Zygotome.Tests;

namespace Zygotome.Core.Tests;

/// <summary>
/// Arrows between Core's rooms point down only: a room may use those on the floors below its own, a stage no other
/// stage. What one stage needs of another is a small interface in <c>Journal</c>.
/// </summary>
public sealed partial class ArrowsTests
{
    private const string Core = "Zygotome.Core";

    // From the ground up.
    private static readonly string[][] Floors =
    [
        [""],
        ["Quantities"],
        ["Sheets"],
        ["Drawing"],
        ["Journal"],
        ["Safety"],
        ["Receive", "Unpack", "Plan", "Build", "Wire", "Bind", "Throws", "Balance", "Check", "HandOver"],
        ["Job"],
    ];

    [Fact]
    public void Arrows_between_rooms_point_down_as_its_types_were_compiled() =>
        Assert.Empty(Against().Order(StringComparer.Ordinal));

    /// <summary>Constants leave no trace in what is compiled.</summary>
    [Fact]
    public void No_file_names_a_room_that_is_not_below_its_own()
    {
        var folder = ProjectFolder.File("src", "Zygotome.Core");
        var against =
            from room in Floors.SelectMany(f => f).Where(r => r.Length > 0)
            from file in Directory.GetFiles(Path.Combine(folder, room), "*.cs", SearchOption.AllDirectories)
            from named in Used().Matches(File.ReadAllText(file)).Select(m => m.Groups["room"].Value)
            where named != room && Floor(named) >= Floor(room)
            select $"{Path.GetRelativePath(folder, file)} names {named}";
        Assert.Empty(against.Order(StringComparer.Ordinal));
    }

    [GeneratedRegex(@"^using Zygotome\.Core\.(?<room>\w+)", RegexOptions.Multiline)]
    private static partial Regex Used();

    [Fact]
    public void Every_room_has_its_floor()
    {
        var rooms = typeof(JobState)
            .Assembly.GetTypes()
            .Where(t => t.Namespace?.StartsWith(Core, StringComparison.Ordinal) == true)
            .Select(t => RoomOf(t.Namespace!))
            .Distinct();
        Assert.Empty(rooms.Except(Floors.SelectMany(f => f)));
    }

    private static IEnumerable<string> Against()
    {
        using var module = ModuleDefinition.ReadModule(typeof(JobState).Assembly.Location);
        var arrows =
            from type in module.Types
            where type.Namespace.StartsWith(Core, StringComparison.Ordinal)
            from used in UsedBy(type)
            let room = RoomOf(type.Namespace)
            let to = RoomOf(Outermost(used).Namespace)
            where room != to && Floor(to) >= Floor(room)
            select $"{room}.{type.Name} -> {to}.{Outermost(used).Name}";
        return [.. arrows.Distinct()];
    }

    private static string RoomOf(string space) =>
        space.Length > Core.Length ? space[(Core.Length + 1)..].Split('.')[0] : "";

    private static int Floor(string room) => Array.FindIndex(Floors, f => f.Contains(room));

    private static TypeReference Outermost(TypeReference type) =>
        type.DeclaringType is { } outer ? Outermost(outer) : type;

    // Everything a type names: in its own declaration, its members', and what their code calls.
    private static IEnumerable<TypeReference> UsedBy(TypeDefinition type) =>
        Declared(type)
            .Concat(type.NestedTypes.SelectMany(UsedBy))
            .SelectMany(Parts)
            .Where(t => Outermost(t).Namespace.StartsWith(Core, StringComparison.Ordinal));

    private static IEnumerable<TypeReference?> Declared(TypeDefinition type) =>
        [
            type.BaseType,
            .. type.Interfaces.Select(i => i.InterfaceType),
            .. type.CustomAttributes.Select(a => a.AttributeType),
            .. type.Fields.Select(f => f.FieldType),
            .. type.Properties.Select(p => p.PropertyType),
            .. type.Methods.SelectMany(Signature),
            .. type.Methods.Where(m => m.HasBody).SelectMany(m => Code(m.Body)),
        ];

    private static IEnumerable<TypeReference> Signature(MethodReference method) =>
        [
            method.DeclaringType,
            method.ReturnType,
            .. method.Parameters.Select(p => p.ParameterType),
            .. (method as GenericInstanceMethod)?.GenericArguments ?? [],
        ];

    private static IEnumerable<TypeReference?> Code(MethodBody body) =>
        body
            .Variables.Select(v => v.VariableType)
            .Concat(
                body.Instructions.SelectMany(i =>
                    i.Operand switch
                    {
                        TypeReference t => [t],
                        MethodReference m => Signature(m),
                        FieldReference f => [f.DeclaringType, f.FieldType],
                        _ => [],
                    }
                )
            );

    // What a type is made of: a list of surfaces names both.
    private static IEnumerable<TypeReference> Parts(TypeReference? type) =>
        type switch
        {
            null => [],
            GenericInstanceType g => [g.ElementType, .. g.GenericArguments.SelectMany(Parts)],
            TypeSpecification s => Parts(s.ElementType),
            _ => [type],
        };
}
