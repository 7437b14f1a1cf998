using System.Globalization;

namespace Nido.Core.Paper;

/// <summary>What stands on sheets, in English and Spanish. Names of kinds and fields for the screens stand with the
/// pages.</summary>
public sealed class PaperWords
{
    private static readonly Dictionary<string, (string English, string Spanish)> Texts = new()
    {
        ["checkLine"] = ("Measure me: 100 mm. If not, print at 100%.", "Mídeme: 100 mm. Si no, imprime al 100 %."),
        ["page"] = ("page {0} of {1}", "página {0} de {1}"),
        ["for"] = ("for {0}", "para {0}"),
        ["unprintable"] = (
            "“{0}” cannot be printed: no font here has {1}. A line is left to write it by hand.",
            "«{0}» no se puede imprimir: ninguna letra de aquí tiene {1}. Queda una línea para escribirlo a mano."
        ),
        ["noPicture"] = (
            "There is no picture of {0}: an empty frame is left to draw in.",
            "No hay dibujo de {0}: queda un marco vacío para dibujar."
        ),
        ["fromThumb"] = ("From the thumb to the picture.", "Del pulgar al dibujo."),
        ["outerFirst"] = (
            "Outer line first; the inner one is {0} mm further in everywhere.",
            "Primero la línea de fuera; la de dentro está a {0} mm en todas partes."
        ),
        ["cutOut"] = ("Cut along the line.", "Corta por la línea."),
        ["squares"] = ("{0} squares of {1} mm", "{0} cuadrados de {1} mm"),
        ["fillWith"] = (
            "{0} to {1} squares of {2} mm fill it, laid by hand.",
            "Lo llenan de {0} a {1} cuadrados de {2} mm, puestos a mano."
        ),
        ["foldOrder"] = (
            "Cut out along the dashes; fold along dash and dot, in the order of the numbers.",
            "Recorta por los guiones; dobla por raya y punto, en el orden de los números."
        ),
        ["shapesHere"] = ("{0} here, {1} in all; size {2} mm", "{0} aquí, {1} en total; tamaño {2} mm"),
        ["piecesEach"] = ("{0} pieces of {1} mm", "{0} piezas de {1} mm"),
        ["sectors"] = ("{0} sectors, {1} mm wide at the edge", "{0} sectores, {1} mm de ancho en el borde"),
        ["patternLeft"] = (
            "A pattern of {0} does not go into {1} sectors evenly.",
            "Un patrón de {0} no cabe justo en {1} sectores."
        ),
        ["holes"] = (
            "{0} holes of {1} mm, {2} mm apart: punch before the card goes to a child.",
            "{0} agujeros de {1} mm, a {2} mm: perfora antes de dar la tarjeta."
        ),
        ["drill"] = (
            "{0} places: tape it on, mark through each cross, take the paper off, pre-drill.",
            "{0} puntos: pégalo, marca cada cruz, quita el papel, taladra antes."
        ),
        ["openings"] = (
            "Round hole {0} mm, slot {1} mm: an adult cuts.",
            "Agujero de {0} mm, ranura de {1} mm: corta un adulto."
        ),
        ["nameFind"] = ("Find", "Busca"),
        ["nameBuild"] = ("Build", "Forma"),
        ["nameTrace"] = ("Trace", "Repasa"),
        ["nameWrite"] = ("Write", "Escribe"),
        ["tiles"] = ("{0} tiles for {1} names", "{0} fichas para {1} nombres"),
        ["dots"] = ("{0} dots of {1} mm", "{0} puntos de {1} mm"),
        ["firstSound"] = ("Which begin like this? Mark the ring.", "¿Cuáles empiezan así? Marca el aro."),
        ["differs"] = (
            "The second of each pair differs: turned about, smaller, a dot more, or shaded.",
            "La segunda de cada pareja difiere: girada, más pequeña, con un punto más o sombreada."
        ),
        ["tilesFor"] = ("Tiles for line {0}", "Fichas para la recta {0}"),
        ["diceHow"] = (
            "Cut round the outside, fold every line, paste the grey tabs inside.",
            "Recorta el contorno, dobla todas las líneas, pega las pestañas grises por dentro."
        ),
        ["spin"] = (
            "Hold a paper clip in the middle with a pencil and flick it.",
            "Sujeta un clip en el centro con un lápiz y hazlo girar."
        ),
        ["frame"] = (
            "{0} sticks and {1} joints; {2} braces make it stand still.",
            "{0} palitos y {1} uniones; {2} riostras lo fijan."
        ),
        ["sticks"] = (
            "{0} sticks of {1} mm; ends touch at the rings.",
            "{0} palitos de {1} mm; los extremos se tocan en los aros."
        ),
        ["floorJoin"] = (
            "{0} · the next sheet begins at the grey edge",
            "{0} · la hoja siguiente empieza en el borde gris"
        ),
        ["contains"] = ("Contains: {0}", "Contiene: {0}"),
        ["askFirst"] = (
            "Ask us before you touch or taste, if you must avoid something.",
            "Pregunta antes de tocar o probar, si debes evitar algo."
        ),
        ["whatSeen"] = ("What was seen", "Lo que se vio"),
        ["alone"] = ("alone", "a solas"),
        ["shown"] = ("when shown", "si se muestra"),
        ["hands"] = ("with hands", "con ayuda"),
        ["notYet"] = ("not yet", "todavía no"),
        ["goesOut"] = ("out", "sale"),
        ["comesBack"] = ("back", "vuelve"),
        ["lentTo"] = ("Lent to", "Prestado a"),
        ["lentOn"] = ("on", "el"),
        ["backBy"] = ("back by", "hasta el"),
        ["place.in"] = ("in", "dentro"),
        ["place.on"] = ("on", "encima"),
        ["place.under"] = ("under", "debajo"),
        ["place.beside"] = ("beside", "al lado"),
        ["place.before"] = ("in front", "delante"),
        ["place.behind"] = ("behind", "detrás"),
        ["place.between"] = ("between", "entre"),
        ["place.above"] = ("above", "arriba"),
        ["field.line"] = ("Line", "Línea"),
        ["field.width"] = ("Width", "Ancho"),
        ["field.count"] = ("How many", "Cuántos"),
        ["field.widths"] = ("Widths", "Anchos"),
        ["field.picture"] = ("Picture of", "Dibujo de"),
        ["field.marks"] = ("Marks", "Marcas"),
        ["field.stripWidth"] = ("Width of a strip", "Ancho de la tira"),
        ["field.apart"] = ("From mark to mark", "De marca a marca"),
        ["field.strips"] = ("Strips", "Tiras"),
        ["field.shape"] = ("Shape", "Forma"),
        ["field.size"] = ("Size", "Tamaño"),
        ["field.outside"] = ("Easy line outside by", "Línea fácil por fuera"),
        ["field.gap"] = ("From line to line", "De línea a línea"),
        ["field.side"] = ("Side", "Lado"),
        ["field.fill"] = ("Outline to fill", "Contorno para llenar"),
        ["field.fold"] = ("Fold", "Doblez"),
        ["field.outline"] = ("Outline", "Contorno"),
        ["field.text"] = ("Text", "Texto"),
        ["field.piece"] = ("Size of a piece", "Tamaño de la pieza"),
        ["field.outerRadius"] = ("Outer radius", "Radio exterior"),
        ["field.rowPitch"] = ("From row to row", "De fila a fila"),
        ["field.rows"] = ("Rows", "Filas"),
        ["field.guide"] = ("Show", "Mostrar"),
        ["field.diameter"] = ("Diameter", "Diámetro"),
        ["field.diameters"] = ("Lines through the middle", "Líneas por el centro"),
        ["field.pattern"] = ("Pattern", "Patrón"),
        ["field.lines"] = ("Lines", "Líneas"),
        ["field.pegs"] = ("Pegs", "Pinzas"),
        ["field.show"] = ("Show", "Mostrar"),
        ["field.from"] = ("From", "De"),
        ["field.to"] = ("To", "A"),
        ["field.holes"] = ("Holes", "Agujeros"),
        ["field.hole"] = ("Hole", "Agujero"),
        ["field.reach"] = ("From the edge", "Desde el borde"),
        ["field.form"] = ("Form", "Trazo"),
        ["field.letter"] = ("Letter", "Letra"),
        ["field.spacing"] = ("From hole to hole at most", "De agujero a agujero como mucho"),
        ["field.lid"] = ("Lid", "Tapa"),
        ["field.slotLength"] = ("Length of the slot", "Largo de la ranura"),
        ["field.slotWidth"] = ("Width of the slot", "Ancho de la ranura"),
        ["field.across"] = ("Side by side", "Uno al lado de otro"),
        ["field.xHeight"] = ("Height of a small x", "Altura de la x"),
        ["field.then"] = ("After the first row", "Tras la primera fila"),
        ["field.names"] = ("Names, a line each", "Nombres, uno por línea"),
        ["field.tile"] = ("Tile", "Ficha"),
        ["field.letters"] = ("Letters", "Letras"),
        ["field.height"] = ("Height", "Alto"),
        ["field.dot"] = ("Dot", "Punto"),
        ["field.words"] = ("Words, a line each", "Palabras, una por línea"),
        ["field.beats"] = ("Beats as dots", "Sílabas como puntos"),
        ["field.pictures"] = ("Pictures, a line each", "Dibujos, uno por línea"),
        ["field.pairs"] = ("Pairs", "Parejas"),
        ["field.card"] = ("Card", "Tarjeta"),
        ["field.sentences"] = ("Sentences, a line each", "Frases, una por línea"),
        ["field.dots"] = ("Dots to count", "Puntos para contar"),
        ["field.lie"] = ("Dots lie", "Los puntos están"),
        ["field.seed"] = ("Another draw", "Otro sorteo"),
        ["field.missing"] = ("Missing", "Faltan"),
        ["field.step"] = ("From number to number", "De número a número"),
        ["field.places"] = ("Places", "Lugares"),
        ["field.sides"] = ("Sides", "Caras"),
        ["field.sectors"] = ("Sectors, a line each", "Sectores, uno por línea"),
        ["field.fields"] = ("Fields", "Casillas"),
        ["field.numbers"] = ("Numbers", "Números"),
        ["field.start"] = ("Start", "Salida"),
        ["field.goal"] = ("Goal", "Meta"),
        ["field.things"] = ("Things, a line each", "Cosas, una por línea"),
        ["field.dearest"] = ("Dearest", "Lo más caro"),
        ["field.coins"] = ("Coins", "Fichas de pago"),
        ["field.repeats"] = ("Repeats shown", "Repeticiones"),
        ["field.length"] = ("Length", "Largo"),
        ["field.directions"] = ("Directions", "Direcciones"),
        ["field.sticks"] = ("Sticks", "Palitos"),
        ["field.cards"] = ("Cards", "Tarjetas"),
        ["field.turns"] = ("Turns by", "Giros de"),
        ["field.texts"] = ("Texts, a line each", "Textos, uno por línea"),
        ["field.title"] = ("Title", "Título"),
        ["field.contains"] = ("Contains", "Contiene"),
        ["field.parts"] = ("Parts of the day, a line each", "Partes del día, una por línea"),
        ["field.idea"] = ("Idea", "Idea"),
        ["field.measures"] = ("Measures, a line each: 2 cup water", "Medidas, una por línea: 2 cup agua"),
        ["field.steps"] = ("Steps, a line each", "Pasos, uno por línea"),
        ["field.hand"] = ("Drawn as", "Dibujadas como"),
        ["choice.strokes"] = ("strokes in order", "trazos en orden"),
        ["choice.outlines"] = ("hollow letters", "letras huecas"),
        ["field.frame"] = ("Frame", "Estructura"),
        ["field.storeys"] = ("Storeys", "Pisos"),
        ["field.braces"] = ("Braces that make it stand still", "Riostras que lo fijan"),
        ["field.english"] = ("English, a line each", "Inglés, una por línea"),
        ["field.spanish"] = ("Spanish, a line each", "Español, una por línea"),
        ["field.slips"] = ("Slips", "Vales"),
        ["field.sheets"] = ("Sheets", "Hojas"),
        ["choice.fringe"] = ("fringe", "flecos"),
        ["choice.across"] = ("right across", "de lado a lado"),
        ["choice.same"] = ("all the same", "todos iguales"),
        ["choice.falling"] = ("narrower from row to row", "más estrechos cada fila"),
        ["choice.square"] = ("square", "cuadrado"),
        ["choice.circle"] = ("circle", "círculo"),
        ["choice.rectangle"] = ("rectangle", "rectángulo"),
        ["choice.triangle"] = ("triangle", "triángulo"),
        ["choice.house"] = ("house", "casa"),
        ["choice.hexagon"] = ("hexagon", "hexágono"),
        ["choice.star"] = ("star", "estrella"),
        ["choice.spiral"] = ("spiral", "espiral"),
        ["choice.corners"] = ("corners", "esquinas"),
        ["choice.nothing"] = ("none", "ninguno"),
        ["choice.inTwo"] = ("in two", "en dos"),
        ["choice.inThree"] = ("in three", "en tres"),
        ["choice.cross"] = ("cross", "cruz"),
        ["choice.envelope"] = ("envelope", "sobre"),
        ["choice.fan"] = ("fan", "abanico"),
        ["choice.text"] = ("letters", "letras"),
        ["choice.picture"] = ("picture", "dibujo"),
        ["choice.places"] = ("places", "lugares"),
        ["choice.lines"] = ("lines only", "solo líneas"),
        ["choice.cut"] = ("to cut", "para cortar"),
        ["choice.fold"] = ("to fold", "para doblar"),
        ["choice.dots"] = ("dots", "puntos"),
        ["choice.numerals"] = ("numerals", "números"),
        ["choice.both"] = ("both", "ambos"),
        ["choice.letter"] = ("letter", "letra"),
        ["choice.down"] = ("down", "hacia abajo"),
        ["choice.rightSlant"] = ("slant to the left", "inclinada a la izquierda"),
        ["choice.leftSlant"] = ("slant to the right", "inclinada a la derecha"),
        ["choice.slantingCross"] = ("slanting cross", "aspa"),
        ["choice.trace"] = ("trace again", "repasar otra vez"),
        ["choice.write"] = ("write alone", "escribir a solas"),
        ["choice.asWritten"] = ("as written", "como se escribe"),
        ["choice.capitals"] = ("capitals", "mayúsculas"),
        ["choice.small"] = ("small letters", "minúsculas"),
        ["choice.yes"] = ("yes", "sí"),
        ["choice.no"] = ("no", "no"),
        ["choice.alike"] = ("alike", "iguales"),
        ["choice.nearlyAlike"] = ("nearly alike", "casi iguales"),
        ["choice.dice"] = ("as on dice", "como en dados"),
        ["choice.frame"] = ("in a frame of ten", "en un marco de diez"),
        ["choice.scattered"] = ("scattered", "sueltos"),
        ["choice.circles"] = ("circles", "círculos"),
        ["choice.none"] = ("none", "ninguno"),
        ["choice.pictures"] = ("pictures", "dibujos"),
        ["choice.quarter"] = ("quarter turns", "cuartos de vuelta"),
        ["choice.sixth"] = ("sixths of a turn", "sextos de vuelta"),
        ["choice.cube"] = ("cube", "cubo"),
        ["choice.tetrahedron"] = ("tetrahedron", "tetraedro"),
        ["choice.square-pyramid"] = ("square pyramid", "pirámide cuadrada"),
        ["choice.triangular-prism"] = ("triangular prism", "prisma triangular"),
        ["choice.octahedron"] = ("octahedron", "octaedro"),
        ["choice.icosahedron"] = ("icosahedron", "icosaedro"),
        ["choice.tower"] = ("tower", "torre"),
        ["family.cutting"] = ("Lines to cut", "Líneas para cortar"),
        ["family.strips"] = ("Strips and folds", "Tiras y dobleces"),
        ["family.shapes"] = ("Shapes and outlines", "Formas y contornos"),
        ["family.plates"] = ("Plates, boards, cards to lace", "Platos, tablas, tarjetas para coser"),
        ["family.tracing"] = ("To trace", "Para repasar"),
        ["family.letters"] = ("Letters", "Letras"),
        ["family.words"] = ("Words and pairs", "Palabras y parejas"),
        ["family.numbers"] = ("Numbers", "Números"),
        ["family.patterns"] = ("Patterns and places", "Patrones y lugares"),
        ["family.room"] = ("For the room", "Para la sala"),
        ["family.adults"] = ("For adults", "Para adultos"),
        ["family.bags"] = ("Bags and kits", "Bolsas y kits"),
        ["minutes"] = ("{0} min", "{0} min"),
        ["nothingLies"] = ("Nothing lies here.", "Aquí no hay nada."),
        ["mind"] = ("To watch", "A cuidar"),
        ["sources"] = ("Sources", "Fuentes"),
        ["deferTo"] = (
            "Local rules, labels, written plans and your own judgement count more than this page.",
            "Las normas locales, las etiquetas, los planes escritos y su criterio cuentan más que esta página."
        ),
        ["there"] = ("{0} children: {1}", "{0} niños: {1}"),
        ["away"] = ("Away: {0}", "Faltan: {0}"),
        ["adults"] = ("Adults: {0}. The ratio asks for {1}.", "Adultos: {0}. La proporción pide {1}."),
        ["allergy"] = ("{0} must avoid: {1}", "{0} debe evitar: {1}"),
        ["beside"] = ("adult beside: {0}", "adulto al lado: {0}"),
        ["step"] = ("Step {0}", "Paso {0}"),
        ["notFor"] = ("Something else for: {0}", "Otra cosa para: {0}"),
        ["onTray"] = ("fits a tray of {0} × {1} mm", "cabe en una bandeja de {0} × {1} mm"),
        ["onTable"] = ("takes {0} × {1} mm of the table", "ocupa {0} × {1} mm de la mesa"),
        ["atTable"] = ("{0} such places at a table", "{0} sitios así en una mesa"),
        ["layOut"] = ("Lay out: {0}", "Poner: {0}"),
        ["toBuy"] = ("To buy or ask for", "Para comprar o pedir"),
        ["lacking"] = ("{0}: short {1} (have {2}, uses {3}) — {4}", "{0}: faltan {1} (hay {2}, usa {3}) — {4}"),
        ["hasAll"] = ("Nothing: the cupboard has it all.", "Nada: el armario lo tiene todo."),
        ["toPrepare"] = ("To prepare", "Para preparar"),
        ["adultOnly"] = ("adult only", "solo adultos"),
        ["fromCupboard"] = ("From the cupboard", "Del armario"),
        ["liftedBy"] = ("Lifted by {0} on {1}: {2}", "Levantado por {0} el {1}: {2}"),
        ["makeIt"] = ("make it: {0}", "hacerlo: {0}"),
        ["mixIt"] = ("mix it: {0}, {1}", "mezclarlo: {0}, {1}"),
        ["buyIt"] = ("buy {0} × {1}, {2}", "comprar {0} × {1}, {2}"),
        ["askIt"] = ("not sold: ask families or swap the idea", "no se vende: pedir a las familias o cambiar la idea"),
        ["swapIt"] = ("swap the idea", "cambiar la idea"),
        ["cleanUp"] = ("clean-up {0} min", "recoger {0} min"),
        ["easier"] = ("Easier: {0}.", "Más fácil: {0}."),
        ["harder"] = ("Harder: {0}.", "Más difícil: {0}."),
        ["mindThis"] = ("Mind: {0}", "Atención: {0}"),
        ["aimFineMotor"] = ("Fine motor", "Motricidad fina"),
        ["aimMath"] = ("Math", "Matemáticas"),
        ["aimLiteracy"] = ("Literacy", "Lectoescritura"),
        ["aimSensory"] = ("Sensory", "Sensorial"),
        ["paperOfTheWeek"] = ("Paper of the week", "El papel de la semana"),
        ["printed"] = ("{0} · {1} p. × {2}", "{0} · {1} pág. × {2}"),
        ["evening"] = ("Evening of {0}", "Tarde del {0}"),
        ["kind.day-page"] = ("The day on a page", "El día en una página"),
        ["kind.wall-plan"] = ("The week for the wall", "La semana para la pared"),
        ["kind.idea-cards"] = ("Idea cards", "Tarjetas de ideas"),
        ["kind.family-page"] = ("A page for families", "Una página para las familias"),
        ["kind.signs"] = ("Signs about allergens", "Carteles de alérgenos"),
        ["choice.straight"] = ("straight", "recta"),
        ["choice.bends"] = ("two bends", "dos codos"),
        ["choice.curve"] = ("gentle curve", "curva suave"),
        ["choice.zigzag"] = ("zigzag", "zigzag"),
        ["choice.wave"] = ("wave", "ondas"),
        ["kind.snip-strips"] = ("Strips to snip", "Tiras para dar tijeretazos"),
        ["kind.cutting-lines"] = ("Lines to cut", "Líneas para cortar"),
        ["kind.spiral"] = ("A spiral or corners to cut", "Espiral o esquinas para cortar"),
        ["kind.cut-shapes"] = ("A shape to cut out", "Una forma para recortar"),
        ["kind.squares"] = ("Squares to cut and paste", "Cuadrados para cortar y pegar"),
        ["kind.fold-lines"] = ("Folds in order", "Dobleces en orden"),
        ["kind.shapes"] = ("Shapes", "Formas"),
        ["kind.fill-outlines"] = ("An outline to fill", "Un contorno para llenar"),
        ["kind.arc-rows"] = ("Rows on half circles", "Filas en semicírculos"),
        ["kind.plate"] = ("A plate with sectors", "Un plato con sectores"),
        ["kind.peg-wheel"] = ("A wheel for pegs", "Una rueda para pinzas"),
        ["kind.lacing-card"] = ("A card to lace", "Una tarjeta para coser"),
        ["kind.frame-card"] = ("A frame to build", "Una estructura para construir"),
        ["kind.drill-template"] = ("Where to drill", "Dónde taladrar"),
        ["kind.lid-openings"] = ("Openings for a lid", "Aberturas para una tapa"),
        ["kind.trace-forms"] = ("Forms to trace", "Trazos para repasar"),
        ["kind.trace-tracks"] = ("Tracks", "Caminos"),
        ["kind.trace-letters"] = ("Letters and numerals to trace", "Letras y números para repasar"),
        ["kind.own-name"] = ("One's own name", "El propio nombre"),
        ["kind.letter-mats"] = ("Letter mats", "Tapetes de letras"),
        ["kind.name-tiles"] = ("Names in tiles", "Nombres en fichas"),
        ["kind.dot-letters"] = ("Letters of dots", "Letras de puntos"),
        ["kind.first-sound"] = ("First sound", "Primer sonido"),
        ["kind.word-cards"] = ("Word cards", "Tarjetas de palabras"),
        ["kind.picture-pairs"] = ("Picture pairs", "Parejas de dibujos"),
        ["kind.story-order"] = ("A story in order", "Un cuento en orden"),
        ["kind.numeral-cards"] = ("Numeral cards", "Tarjetas de números"),
        ["kind.dot-cards"] = ("Dot cards", "Tarjetas de puntos"),
        ["kind.number-line"] = ("Number line", "Recta numérica"),
        ["kind.fill-mats"] = ("Fill to the number", "Llena hasta el número"),
        ["kind.dice"] = ("A die to fold", "Un dado para doblar"),
        ["kind.spinner"] = ("A spinner", "Una ruleta"),
        ["kind.path-board"] = ("A board to go along", "Un tablero de recorrido"),
        ["kind.price-tags"] = ("Price tags and coins", "Precios y fichas"),
        ["kind.pattern-strips"] = ("Pattern strips", "Tiras de patrones"),
        ["kind.direction-strips"] = ("Strips of arrows", "Tiras de flechas"),
        ["kind.position-cards"] = ("Where is the ball?", "¿Dónde está la pelota?"),
        ["kind.stick-cards"] = ("Stick cards", "Tarjetas de palitos"),
        ["kind.text-cards"] = ("Cards with words of one's own", "Tarjetas con palabras propias"),
        ["kind.labels"] = ("Labels with pictures", "Etiquetas con dibujo"),
        ["kind.name-tags"] = ("Name tags", "Etiquetas de nombres"),
        ["kind.table-signs"] = ("A sign for a table", "Un cartel para una mesa"),
        ["kind.day-pictures"] = ("The day in pictures", "El día en imágenes"),
        ["kind.turn-cards"] = ("Turn cards", "Tarjetas de turnos"),
        ["kind.floor-lines"] = ("Lines for the floor", "Líneas para el suelo"),
        ["kind.observation-sheet"] = ("A sheet to write down what was seen", "Hoja para anotar lo visto"),
        ["kind.recipe-card"] = ("A recipe in pictures", "Una receta en dibujos"),
        ["kind.kit-list"] = ("Contents of a bag", "Contenido de una bolsa"),
        ["kind.kit-instruction"] = ("Instruction in two languages", "Instrucciones en dos idiomas"),
        ["kind.loan-slip"] = ("Loan slips", "Vales de préstamo"),
    };

    private readonly bool spanish;

    private readonly Tongue tongue;

    private PaperWords(bool spanish, Tongue tongue) => (this.spanish, this.tongue) = (spanish, tongue);

    /// <summary>The texts in a language: es, or English.</summary>
    /// <param name="language">en or es.</param>
    /// <param name="tongue">Speaks what Core found, in the same language; English where none is given.</param>
    public static PaperWords In(string language, Tongue? tongue = null) =>
        new(language == "es", tongue ?? Tongue.English);

    /// <summary>Keys of every text, for whoever checks them.</summary>
    internal static IReadOnlyDictionary<string, (string English, string Spanish)> All => Texts;

    /// <summary>What Core found, in the language of the sheet.</summary>
    public string Speak(Said said) => tongue.Speak(said);

    /// <summary>Two small letters, ISO 639-1.</summary>
    public string Language => spanish ? "es" : "en";

    /// <summary>How much of a thing: "12 × Jar lids" for what is counted, "900 g Rice" for what is measured.</summary>
    public string Amount(Cupboard.Material material, double amount)
    {
        ArgumentNullException.ThrowIfNull(material);
        var unit = material.Unit switch
        {
            Cupboard.MaterialUnit.Gram => "g",
            Cupboard.MaterialUnit.Millilitre => "mL",
            Cupboard.MaterialUnit.Metre => "m",
            _ => "×",
        };
        return $"{Speak((Said)$"{amount:0.##}")} {unit} {Of(material.Name)}";
    }

    /// <summary>A text of the catalogue, in the language of the sheet.</summary>
    public string Of(InBoth text)
    {
        ArgumentNullException.ThrowIfNull(text);
        return spanish ? text.Es : text.En;
    }

    /// <summary>A text with its slots filled.</summary>
    public string Say(string key, params string[] with)
    {
        var (english, other) = Texts.TryGetValue(key, out var text) ? text : LetterWords.Texts[key];
        // A text that ends by asking needs no full stop of the sentence around it.
        return string.Format(CultureInfo.InvariantCulture, spanish ? other : english, [.. with])
            .Replace("?.", "?", StringComparison.Ordinal)
            .Replace("!.", "!", StringComparison.Ordinal)
            .Replace("..", ".", StringComparison.Ordinal);
    }

    // The runtime's calendars are English on every machine.
    private static readonly string[] SpanishMonths =
    [
        "enero",
        "febrero",
        "marzo",
        "abril",
        "mayo",
        "junio",
        "julio",
        "agosto",
        "septiembre",
        "octubre",
        "noviembre",
        "diciembre",
    ];

    private static readonly string[] SpanishDays =
    [
        "domingo",
        "lunes",
        "martes",
        "miércoles",
        "jueves",
        "viernes",
        "sábado",
    ];

    /// <summary>A day in words: Monday 7 December, lunes 7 de diciembre.</summary>
    public string Day(DateOnly day) =>
        spanish
            ? $"{SpanishDays[(int)day.DayOfWeek]} {day.Day} de {SpanishMonths[day.Month - 1]}"
            : day.ToString("dddd d MMMM", CultureInfo.InvariantCulture);

    /// <summary>A day in short.</summary>
    public string ShortDay(DateOnly day) =>
        spanish
            ? $"{SpanishDays[(int)day.DayOfWeek][..3]} {day.Day}"
            : day.ToString("ddd d", CultureInfo.InvariantCulture);

    /// <summary>Days from one to another, the year once.</summary>
    public string FromTo(DateOnly from, DateOnly to) =>
        from == to ? $"{Day(from)}{(spanish ? " de" : "")} {from.Year}"
        : spanish
            ? $"{from.Day}{(from.Month == to.Month ? "" : $" de {SpanishMonths[from.Month - 1]}")}–{to.Day} "
                + $"de {SpanishMonths[to.Month - 1]} de {to.Year}"
        : $"{(from.Month == to.Month ? $"{from.Day}" : from.ToString("d MMMM", CultureInfo.InvariantCulture))}–{to.ToString("d MMMM yyyy", CultureInfo.InvariantCulture)}";

    /// <summary>Name of a kind of sheet.</summary>
    public string Kind(string id) => Say($"kind.{id}");

    /// <summary>Name of a family of sheets.</summary>
    public string Family(SheetFamily family) => Say($"family.{family.ToString().ToLowerInvariant()}");

    /// <summary>Name of a field.</summary>
    public string Field(string name) => Say($"field.{name}");

    /// <summary>Name of a choice.</summary>
    public string Choice(string id) => Texts.ContainsKey($"choice.{id}") ? Say($"choice.{id}") : id;
}
