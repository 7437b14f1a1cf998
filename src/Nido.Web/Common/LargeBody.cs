namespace Nido.Web.Common;

/// <summary>Marks an endpoint that takes a file of any size and reads it as it comes.</summary>
public sealed class LargeBody;
