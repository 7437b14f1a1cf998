using Nido.Core.Ideas;
using Nido.Core.Safety;

namespace Nido.Catalog;

/// <summary>Something a house has of its own, as it is written: a material or a way of working.</summary>
/// <param name="Id">Opaque.</param>
/// <param name="Material">The material; null where it is none.</param>
/// <param name="Idea">The way of working; null where it is none.</param>
/// <param name="InUse">It does not lie in the bin.</param>
public sealed record OwnDraft(string Id, MaterialDraft? Material, IdeaDraft? Idea, bool InUse);
