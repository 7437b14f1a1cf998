namespace Nido.Core.Cupboard;

/// <summary>What the head of a screw is cut for.</summary>
public static class ScrewHead
{
    /// <summary>The kinds there are.</summary>
    public static IReadOnlyList<string> All { get; } = ["slot", "cross", "square", "hex", "star"];

    /// <summary>Its word before "head" or "driver". A star alone is a shape to draw.</summary>
    public static Said Word(string head) => head == "star" ? $"star-cut" : Said.Word(head);
}
