namespace Nido.Core.Safety;

/// <summary>What is done with things, as far as the rules ask for it: a closed list with its words.</summary>
public static class Doing
{
    private static readonly Dictionary<string, Said> Words = new()
    {
        ["blow"] = $"blowing",
        ["build"] = $"building",
        ["clean"] = $"cleaning",
        ["climb"] = $"climbing",
        ["cook"] = $"cooking",
        ["craft-knife"] = $"cutting with a craft knife",
        ["cut"] = $"cutting",
        ["dig"] = $"digging",
        ["drill"] = $"drilling",
        ["gather"] = $"gathering outdoors",
        ["glue"] = $"gluing",
        ["hammer"] = $"hammering",
        ["hang"] = $"hanging up",
        ["heat"] = $"heating",
        ["laminate"] = $"laminating",
        ["lift"] = $"lifting",
        ["launch"] = $"launching",
        ["paint"] = $"painting",
        ["plant"] = $"planting",
        ["pour"] = $"pouring",
        ["punch"] = $"punching holes",
        ["roll"] = $"rolling",
        ["run"] = $"running",
        ["saw"] = $"sawing",
        ["screw"] = $"screwing",
        ["sew"] = $"sewing",
        ["smell"] = $"smelling at it",
        ["snap"] = $"fastening snaps",
        ["spray"] = $"spraying",
        ["stack"] = $"stacking",
        ["suck"] = $"sucking up",
        ["taste"] = $"tasting",
        ["throw"] = $"throwing",
        ["tie"] = $"tying",
        ["tunnel"] = $"crawling through",
        ["water"] = $"watering",
        ["wear"] = $"wearing it",
        ["wind"] = $"winding round",
    };

    /// <summary>Every doing a way of working, a prep task or a rule may name.</summary>
    public static IReadOnlySet<string> All { get; } = Words.Keys.ToHashSet();

    /// <summary>The words for a doing of the list.</summary>
    public static Said Of(string doing) => Words[doing];
}
