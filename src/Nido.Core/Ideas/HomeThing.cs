using Nido.Core.Cupboard;

namespace Nido.Core.Ideas;

/// <summary>A thing most homes have.</summary>
/// <param name="Id">Kebab case.</param>
/// <param name="Name">What it is called.</param>
/// <param name="Like">The material it is like: safety rules judge it as that; null for what is large and whole, or no
/// thing at all.</param>
public sealed record HomeThing(string Id, InBoth Name, Material? Like);
