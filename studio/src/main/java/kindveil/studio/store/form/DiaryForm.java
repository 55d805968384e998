package kindveil.studio.store.form;

import java.time.DayOfWeek;
import java.time.Instant;
import java.time.LocalDate;
import java.time.LocalDateTime;
import java.time.LocalTime;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import java.util.TreeMap;
import java.util.UUID;
import kindveil.reading.TaskReading.Resource;
import kindveil.sitting.Hours;
import kindveil.sitting.Tiredness;
import kindveil.studio.work.sitting.Diary;
import org.jspecify.annotations.Nullable;

/** When hands are free and what is planned, as it is kept. Pulls are told where there are several; nothing in forms of before. Times of the wall clock as ISO text, moments as instants. */
public record DiaryForm(List<EntryForm> hours, @Nullable String due, List<UUID> pieces, Map<String, Integer> there, int rubbingADay, int rest, List<KeptForm> planned, List<KeptForm> pins, @Nullable Map<UUID, Integer> pulls) {
    /** One thing said of hours. @param weekday 1 to 7 where it is weekly @param on a date where it is not @param from null where nothing is done that day */
    public record EntryForm(@Nullable Integer weekday, @Nullable String on, @Nullable String from, @Nullable String to) {
    }

    /** When one task was to begin. */
    public record KeptForm(String job, String act, String at, int minutes, String piece, String words) {
    }

    public static DiaryForm of(Diary diary) {
        Map<String, Integer> there = new TreeMap<>();
        diary.there().forEach((what, count) -> there.put(Vocabulary.RESOURCE.of(what), count));
        LocalDateTime due = diary.due();
        return new DiaryForm(diary.hours().entries().stream().map(DiaryForm::of).toList(), due == null ? null : due.toString(), diary.pieces(), there, diary.tired().rubbingADay(), diary.tired().rest(),
                diary.planned().stream().map(DiaryForm::of).toList(), diary.pins().stream().map(DiaryForm::of).toList(), new TreeMap<>(diary.pulls()));
    }

    private static KeptForm of(Diary.Kept kept) {
        return new KeptForm(kept.job(), kept.act(), kept.at().toString(), kept.minutes(), kept.piece(), kept.words());
    }

    private static EntryForm of(Hours.Entry entry) {
        return switch (entry) {
            case Hours.Weekly weekly -> new EntryForm(weekly.day().getValue(), null, weekly.from().toString(), weekly.to().toString());
            case Hours.Once once -> new EntryForm(null, once.on().toString(), once.from().toString(), once.to().toString());
            case Hours.Off off -> new EntryForm(null, off.on().toString(), null, null);
        };
    }

    public Diary diary(int version) {
        Map<Resource, Integer> read = new EnumMap<>(Resource.class);
        there.forEach((token, count) -> read.put(Vocabulary.RESOURCE.read(token), count));
        return new Diary(version, new Hours(hours.stream().map(DiaryForm::entry).toList()), due == null ? null : LocalDateTime.parse(due), pieces, pulls == null ? Map.of() : pulls, read, new Tiredness(rubbingADay, rest),
                planned.stream().map(DiaryForm::kept).toList(), pins.stream().map(DiaryForm::kept).toList());
    }

    private static Diary.Kept kept(KeptForm form) {
        return new Diary.Kept(form.job, form.act, Instant.parse(form.at), form.minutes, form.piece, form.words);
    }

    private static Hours.Entry entry(EntryForm form) {
        if (form.from == null || form.to == null) {
            return new Hours.Off(LocalDate.parse(form.on));
        }
        LocalTime from = LocalTime.parse(form.from);
        LocalTime to = LocalTime.parse(form.to);
        return form.weekday == null ? new Hours.Once(LocalDate.parse(form.on), from, to) : new Hours.Weekly(DayOfWeek.of(form.weekday), from, to);
    }
}
