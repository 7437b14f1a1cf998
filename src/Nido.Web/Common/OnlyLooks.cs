namespace Nido.Web.Common;

/// <summary>Marks an endpoint that changes nothing though it is not read with GET: a calculator, a look.</summary>
public sealed class OnlyLooks;
