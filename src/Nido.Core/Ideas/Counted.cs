namespace Nido.Core.Ideas;

/// <summary>An amount that a calculator counted for one child at a step.</summary>
/// <param name="Amount">In the material's unit.</param>
/// <param name="Trace">How it came about.</param>
public sealed record Counted(double Amount, Said Trace);
