namespace Nido.Data.Outside;

/// <summary>The weather to come, from wherever a house gets it.</summary>
public interface IForecast
{
    /// <summary>Whether a day is expected dry; null where nothing is known.</summary>
    public bool? IsDry(DateOnly day);

    /// <summary>Changes when the forecast does.</summary>
    public long Stamp { get; }
}
