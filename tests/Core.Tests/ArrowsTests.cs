using Mono.Cecil;
using Mono.Cecil.Cil;
using Xunit;
using Zygotome.Core.Journal;
using Zygotome.Tests;

namespace Zygotome.Core.Tests;

/// <summary>
/// Arrows between Core's rooms point down only, as its types were compiled: a room may use those on the floors below its
/// own, a stage no other stage. What still points up or sideways is listed, type by type, in <c>Arrows.txt</c>; the list
/// only ever shrinks.
/// </summary>
public sealed class ArrowsTests
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

    private static readonly string List = ProjectFolder.File("tests", "Core.Tests", "Arrows.txt");

    [Fact]
    public void Arrows_between_rooms_point_down_but_for_those_still_listed()
    {
        var against = Against().Order(StringComparer.Ordinal).ToArray();
        if (Environment.GetEnvironmentVariable("ZYGOTOME_WRITE") == "1")
        {
            File.WriteAllLines(List, against);
        }

        Assert.Equal(File.ReadAllLines(List), against);
    }

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
            from used in Used(type)
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
    private static IEnumerable<TypeReference> Used(TypeDefinition type) =>
        Declared(type)
            .Concat(type.NestedTypes.SelectMany(Used))
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
