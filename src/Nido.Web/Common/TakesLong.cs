namespace Nido.Web.Common;

/// <summary>Marks an endpoint that computes for seconds before it saves.</summary>
public sealed class TakesLong;
