package app.redlamp.words;

import java.util.Locale;

/**
 * All wordings, in one language and with lengths in one way: what a screen or a command asks for when it has something to say.
 *
 * @param locale language and numbers
 * @param lengths in metres, or in feet and inches
 */
public record Words(Locale locale, Lengths lengths) {

    public Figures figures() {
        return new Figures(locale);
    }

    public VerdictWording verdicts() {
        return new VerdictWording(locale);
    }

    public PlanWording plans() {
        return new PlanWording(locale);
    }

    public OrderWording orders() {
        return new OrderWording(locale);
    }

    public RoomWording rooms() {
        return new RoomWording(locale, lengths);
    }

    public BoothOfferWording boothOffers() {
        return new BoothOfferWording(locale);
    }

    public ClapWording claps() {
        return new ClapWording(locale, lengths);
    }

    public MarksWording marks() {
        return new MarksWording(figures());
    }

    public HeardRoomWording heardRoom() {
        return new HeardRoomWording(figures());
    }

    public ChainWording chains() {
        return new ChainWording(lengths, figures());
    }

    public KitWording kits() {
        return new KitWording(lengths, figures());
    }

    public FitWording fits() {
        return new FitWording(lengths, figures());
    }

    public ChoiceWording choices() {
        return new ChoiceWording(lengths, figures());
    }

    public PlaceWording places() {
        return new PlaceWording(lengths, figures());
    }

    public SheetWording sheets() {
        return new SheetWording(figures());
    }

    public LevelWording level() {
        return new LevelWording(lengths, figures());
    }

    public CardWording cards() {
        return new CardWording(lengths, figures());
    }

    /** What is said of recordings. */
    public Wording recordings() {
        return new Wording(locale);
    }
}
