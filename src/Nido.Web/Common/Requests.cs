namespace Nido.Web.Common;

/// <summary>Reading raw bodies.</summary>
public static class Requests
{
    /// <summary>The whole body; what is too large for a table is judged by the reader, which can say so in
    /// words.</summary>
    public static async Task<byte[]> BytesAsync(this HttpRequest request, CancellationToken stop)
    {
        ArgumentNullException.ThrowIfNull(request);
        using var memory = new MemoryStream();
        await request.Body.CopyToAsync(memory, stop);
        return memory.ToArray();
    }
}
