using Nido.Core;

namespace Nido.Data.Formats;

/// <summary>An amount counted on a shelf.</summary>
/// <param name="MaterialId">The material.</param>
/// <param name="Name">Its name.</param>
/// <param name="Amount">In the material's unit.</param>
/// <param name="Note">In the adult's words.</param>
public sealed record CupboardCount(string MaterialId, InBoth Name, double Amount, string Note);
