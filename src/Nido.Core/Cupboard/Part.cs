namespace Nido.Core.Cupboard;

/// <summary>A part that comes off a thing: the cap of a pen, the lid of a jar.</summary>
/// <param name="Name">In the singular.</param>
/// <param name="Body">Its form.</param>
public sealed record Part(InBoth Name, Body Body)
{
    /// <summary>It only comes off where somebody bites: a bit of a sponge.</summary>
    public bool IsBittenOff { get; init; }
}
