namespace Nido.Core.Cupboard;

/// <summary>The closed list of properties: what a thing can do or what it brings with it.</summary>
public static class MaterialTags
{
    /// <summary>Every tag a content file may use.</summary>
    public static IReadOnlySet<string> All { get; } = new HashSet<string>
    {
        // What it is like
        "soft", "stiff", "flat", "squeezable", "rolls", "stacks", "absorbs", "pours", "sticks", "transparent", "heavy",
        "bends", "springy", "shiny", "noisy", "scented", "textured", "tears", "folds", "moulds", "printable",
        // What it is
        "food", "paper", "card", "fabric", "metal", "natural", "plastic", "wood", "glass", "liquid", "powder", "grain",
        "cord", "elastic", "wire", "point", "blade", "magnet", "battery", "balloon",
        // What it does
        "container", "lidded", "tray", "tongs", "tweezers", "spoon", "scoop", "dropper", "sponge", "peg", "lace",
        "scissors", "left-hand", "punch", "brush", "marker", "crayon", "chalk", "glue", "tape", "sticker", "stamp",
        "dice", "scale", "bolt", "fastener", "cloth", "mat", "large", "cut-line", "letter", "numeral", "picture", "book",
        "lace-card", "wearable", "broom", "ball", "tunnel", "sound",
        // What it brings with it
        "choking-food", "raw-flour", "raw-bean", "raw-egg", "honey", "salt", "berry", "egg-carton", "packaging", "medicine-box", "nut",
        "hot", "hot-glue", "soap", "foam", "dye", "borax", "essential-oil", "water-bead", "film", "pin", "screw", "toothed-cutter",
        "laminated", "powered", "torch", "small-tool", "cooked", "rim", "poison-seed", "poison-leaf", "seed", "shell", "feather", "nest",
        "insect", "soil", "stood-water", "hot-metal", "clay-dust", "fine-dust", "polystyrene", "spray-can", "hand-gel", "cleaner-box",
        "old-paint", "cracked", "toilet-tube", "mould-risk", "bead", "worn-at-neck",
    };

    /// <summary>
    /// What a made thing takes over from what it is made of, beside allergens: what clings, snaps or harms is still there when it
    /// is bound, filled or mixed into something else.
    /// </summary>
    public static IReadOnlySet<string> Clinging { get; } = new HashSet<string>
    {
        "elastic", "magnet", "battery", "balloon", "glass", "wire", "pin", "screw", "film", "scented", "raw-flour", "raw-bean", "raw-egg", "honey",
        "salt", "borax", "essential-oil", "water-bead", "dye", "poison-seed", "poison-leaf", "polystyrene", "nut", "egg-carton",
        "medicine-box", "cleaner-box", "toilet-tube", "old-paint",
    };
}
