"""What stands before what is listed and says nothing of it: a noun of anything with a number (``Device 0:``, ``Item 1:``), or
one label for all (``Name: …`` over ``Name: …``). It is made a number or a bullet, the forms that all that reads lists knows;
every line stays as wide as it was."""

from __future__ import annotations

import re
from collections.abc import Callable, Sequence
from dataclasses import replace
from itertools import pairwise

from yes_tally.core.reading.meaning.labels import MERELY_NAME, WHICH_DEVICE, words_of
from yes_tally.core.reading.shapes.layout import MAX_LINE, indent_of
from yes_tally.core.reading.text.decode import Line

_NOUNS = (
    "device|item|entry|unit|index|record|instance|object|card|element|result|row|"
    "ger[äa]t|eintrag|einheit|objekt|karte|element|"
    "p[ée]riph[ée]rique|appareil|entr[ée]e|unit[ée]|objet|carte|[ée]l[ée]ment|"
    "dispositivo|equipo|elemento|entrada|unidad|objeto|tarjeta|aparelho|unidade|placa|item|"
    "unit[àa]|voce|oggetto|scheda|apparaat|vermelding|eenheid|onderdeel|kaart|"
    "urz[ąa]dzenie|pozycja|wpis|jednostka|obiekt|karta"
)
_NUMBERED_NOUN = re.compile(
    rf"(?P<indent>\s*)(?P<mark>(?:{_NOUNS})[ _]?#?(?P<number>\d{{1,2}})(?:\s?[:=]|\s(?=\s)|(?=\s[^\W\d_])))(?=\s+\S)(?!.*(?:[^\W\d_]{{2}}\s?: |=))",
    re.I,
)
_LABELLED = re.compile(
    r"(?P<indent>\s*)(?P<mark>(?P<label>[^\W\d_]{3,16})\s?[:=])(?=\s+\S)(?!.*(?:[^\W\d_]{2}\s?: |=))"
)
_FEWEST = 2
# ``Card A  "Quayside"``, over what is told of it
_CALLED_BESIDE = re.compile(
    r"(?P<head>(?P<indent>\s*)[^\W\d_]{3,16}(?: [^\W\d_]{3,16})? #?)(?P<number>\d{1,2}|[A-Z]):?\s{2,}(?=[\"“„«][^\"”»]{2,60}[\"“”»]\s*$)"
)


def without_nouns(lines: Sequence[Line]) -> Sequence[Line]:
    """The lines with a number or a bullet for the noun or the label before what they list, where two or more that follow
    each other begin so and nothing deeper stands below one of them."""
    changed: dict[int, Line] = {}
    for run in _runs(_matches(_NUMBERED_NOUN, lines), _counted_on):
        marks = [(place, match, f"{int(match['number'])}.") for place, match in run]
        changed |= _marked(lines, marks)
    for run in _runs(_matches(_LABELLED, lines), _labelled_alike):
        changed |= _marked(lines, [(place, match, "•") for place, match in run])
    called = _matches(_CALLED_BESIDE, lines)
    for place, (match, (line, below)) in enumerate(zip(called, pairwise(lines), strict=False)):
        if match and indent_of(below.text) > len(match["indent"]):
            number = f"{match['number']}:" if match["number"].isdigit() else " "
            head = f"{match['head']}{number}".ljust(match.end())
            changed[place] = replace(line, text=f"{head}{line.text[match.end() :]}")
    return [changed.get(place, line) for place, line in enumerate(lines)] if changed else lines


def _matches(pattern: re.Pattern[str], lines: Sequence[Line]) -> list[re.Match[str] | None]:
    """How each line begins; a longer one holds a whole document."""
    return [pattern.match(line.text) if len(line.text) <= MAX_LINE else None for line in lines]


_Run = list[tuple[int, re.Match[str]]]


def _runs(found: Sequence[re.Match[str] | None], goes_on: Callable[[re.Match[str], re.Match[str]], bool]) -> list[_Run]:
    """Matches of lines that follow each other, as long as one goes on with what the one above it began."""
    runs: list[_Run] = []
    for place, match in enumerate(found):
        if match is None:
            continue
        last = runs[-1][-1] if runs else None
        if last and last[0] == place - 1 and goes_on(last[1], match):
            runs[-1].append((place, match))
        else:
            runs.append([(place, match)])
    return [run for run in runs if len(run) >= _FEWEST]


def _counted_on(above: re.Match[str], below: re.Match[str]) -> bool:
    return above["indent"] == below["indent"] and int(below["number"]) == int(above["number"]) + 1


def _labelled_alike(above: re.Match[str], below: re.Match[str]) -> bool:
    label = words_of(below["label"])
    return (
        above["mark"] == below["mark"]
        and above["indent"] == below["indent"]
        and (label in MERELY_NAME or label in WHICH_DEVICE)
    )


def _marked(lines: Sequence[Line], marks: Sequence[tuple[int, re.Match[str], str]]) -> dict[int, Line]:
    last, match, _ = marks[-1]
    if (
        last + 1 < len(lines)
        and indent_of(lines[last + 1].text) > len(match["indent"])
        and lines[last + 1].text.strip()
    ):
        return {}
    return {
        place: replace(
            lines[place], text=f"{match['indent']}{form.rjust(len(match['mark']))}{match.string[match.end() :]}"
        )
        for place, match, form in marks
    }
