"""Events of a PC's log in the words of eight languages, in every layout: each event is one item, and its moment, level,
source, number and text are told apart whatever their order."""

import unittest
from datetime import datetime

from tests.core.logs_in_languages import HEADS, LAYOUTS, WORDS
from yes_tally.core.reading.reader import read

LABELS = ("l_at", "l_level", "l_source", "l_id", "l_text")
EVENTS = (
    (datetime(2025, 2, 11, 8, 1, 14), 2, "power", "41"),
    (datetime(2025, 2, 10, 22, 48, 9), 0, "disk", "7"),
    (datetime(2025, 1, 27, 17, 30, 0), 1, "display", "4101"),
)


def printed(language, layout, head=""):
    """A log in a language and a layout, and the events that it tells."""
    command, levels, labels, day, messages = WORDS[language]
    named = dict(zip(LABELS, labels, strict=True))
    lines, told = [], []
    for n, (at, level, source, number) in enumerate(EVENTS, 1):
        event = {
            "at": at.strftime(f"{day} %H:%M:%S"),
            "level": levels[level],
            "source": source,
            "id": number,
            "text": messages[n % 3],
        }
        lines.append(layout.format(n=n, **named, **event))
        told.append(event | {"at": at.isoformat()})
    text = "\n".join(lines)
    return f"gp-01> {command}\n{head.format(**named)}{text}\n", told


def read_events(text):
    """The fields of each event that a report tells for sure, and what else it is taken to tell."""
    events, others = {}, []
    for reading in read(text.encode()).readings:
        if reading.fact.startswith("event.") and reading.confidence >= 0.5:
            events.setdefault(reading.item, {})[reading.fact.partition(".")[2]] = reading.value.value
        elif reading.confidence >= 0.5 and reading.fact != "host.name":
            others.append((reading.fact, reading.value.value))
    return list(events.values()), others


class Logs(unittest.TestCase):
    maxDiff = None

    def check(self, way, language, layout, head=""):
        text, told = printed(language, layout, head)
        if "{source" not in layout:
            told = [{field: value for field, value in event.items() if field != "source"} for event in told]
        with self.subTest(way, language=language):
            events, others = read_events(text)
            self.assertEqual(others, [], text)
            self.assertEqual(events, told, text)

    def test_rows_and_records(self):
        for way, layout in LAYOUTS.items():
            for language in WORDS:
                self.check(way, language, layout)

    def test_tables(self):
        for way, (head, row) in HEADS.items():
            for language in WORDS:
                self.check(way, language, row, head)


if __name__ == "__main__":
    unittest.main()
