namespace Nido.Web.Common;

/// <summary>Opaque ids; never made from anything about a child.</summary>
public static class NewId
{
    /// <summary>A new one.</summary>
    public static string Next() => Guid.NewGuid().ToString("N")[..12];
}
