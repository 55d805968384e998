package kindveil.product;

/** What can hurt, in one sentence each. Labels, safety data sheets and local rules come before any of them. */
public enum Hazard {
    FLAMMABLE("Flammable vapour: open the windows, no flame, no heat tool near it; lid on between strokes. Children and pets out of the room."),
    SPRAY("Spray outdoors or with extraction, and wear the mask its label names."),
    HEAT("Heat tool at 20 to 25 cm, always moving; it scorches and burns. Never on solvent-wet work, near alcohol, film, tape or tissue."),
    SELF_HEATING("Linseed rags heat themselves and can catch fire: dry them flat outdoors, or keep them under water in a lidded metal can."),
    SCALD("Very hot water scalds: cover the tray, label it, keep it out of reach of children and pets."),
    DUST("Sand wet, or wear a dust mask; dust of boards and of metal too."),
    PULP("Pulp and acrylic go into the bin, not down the drain. Gloves if you rub for long."),
    ACRYLIC("Acrylic binder: keep it off your skin for long, out of eyes and out of the drain."),
    WASHING("Wipe the tool on paper first; let as little as you can go down the drain, and no oil, shellac or resin. Studio cups never go back to the kitchen."),
    VARNISH("Varnish: open the windows, no flame, gloves; a mask if its label asks for one."),
    RESIN("Resin and hardener: gloves that bear them, sleeves down, the mask its sheet names; it heats as it sets, most where it is thick. Never by the drain."),
    HANGING("Hang it by hardware rated for twice its weight, in a fixing the wall bears; check it again after a week."),
    GLASS("Glass: gloves, tape over a crack, never an unground edge."),
    SLIPPERY("Oil makes floors slippery: wipe up drops at once. Air oily cloths spread out, then bin them; never in a heap."),
    BLADE("Cut away from your hand, with the other hand behind the blade."),
    METAL_EDGE("Cut metal edges: wear gloves until they are dulled."),
    WEIGHT("Lift weights with both hands, away from your feet."),
    SOLVENT_SKIN("Solvent and ink: gloves, and a rag bin with a lid."),
    RIGHTS("Work from a copy, never the only original; check your right to use another's picture."),
    FOOD("No food and no drink touches it, inside or out: an acrylic skin is not made for that."),
    SMALL_CHILD("Nothing a small child sucks, or wears next to the skin."),
    MOULD("Water that stands for a day grows mould: change it, and rinse the tray."),
    SPOILED("A jar that smells, is cloudy or shows mould is thrown away, not stirred."),
    CUPBOARD("A cupboard or dehydrator that dries studio work never dries food again. Put it in only when nothing smells of solvent, and leave nothing warm alone overnight."),
    KITCHEN("What has held studio solution never goes back to the kitchen: label it.");

    private final String words;

    Hazard(String words) {
        this.words = words;
    }

    public String words() {
        return words;
    }
}
