"""Which kinds of things a command or a heading speaks of."""

from __future__ import annotations

import re
from collections.abc import Sequence
from functools import lru_cache

from yes_tally.core.catalogue import FACTS
from yes_tally.core.reading.meaning.labels import words_of
from yes_tally.core.reading.phrases import SUBJECTS, SubjectAt, subject_called, subject_of_command, subjects_in
from yes_tally.core.reading.phrases.commands import COMMAND_WORDS, OPTION
from yes_tally.core.words import plain

# What a command's first word names, whatever its other words and itself could name elsewhere.
_CALLED_BY_WORD = frozenset({"variable", "connection", "process", "hop", "reach", "lookup"})
# ``resolve printer-2.sallows.example`` asks for no printer.
_HOST_ASKED = re.compile(r"(?<=\s)[A-Za-z0-9][\w-]*(?:\.[\w-]+)*\.[A-Za-z][\w-]+(?=\s|$)")
# ``--by memory``: in which order.
_SORTED_BY = re.compile(
    r"(?<=\s)[-/]{1,2}(?:by|sort(?:-?by|ed)?|order(?:-?by)?|nach|sortiert|par|tri|por|orden|per|ordina|op|sorteer|wg|sortuj)[ =:][\w-]+",
    re.I,
)
# ``hw disk``: the tool tells of all that a PC has.
_OF_ANYTHING = re.compile(r"\s*(?:hw|hardware|pc|sys)\b", re.I)
# ``DRVBOOK 2 for NQ-DRW-03``: the title names the tool that printed it.
_TOOL = re.compile(r"\W*(?:(?P<name>[A-Za-z]{5,16})(?= v?\d|\s{2,}\S+-\S+$))")
_FIRST_WORDS = 3
# ``Entry {current}``: what starts is told by names in braces.
_BRACED_ENTRY = re.compile(
    r"\W{0,4}(?:(?:boot |start)?entry|(?:start)?eintrag|entr[ée]e|entrada|voce|item|wpis|vermelding)(?: \d{1,2}:?)? \{[\w-]+\}\W{0,4}",
    re.I,
)

# Which kind of card it is, what is spoken of around it says.
MAY_BE_CARD = re.compile(r"cards?|devices?|karten?|cartes?|tarjetas?|placas?|sched[ae]|kaart(?:en)?|kart[ay]", re.I)
MAY_BE_CARDS = ("adapter", "graphics", "sound")
"""What ``Card 1`` may be, the likeliest first."""


def may_call(noun: str, group: str, number: str = "") -> bool:
    """Whether a noun, and a number behind it, may call a thing of a group."""
    return subject_called(noun, number) == group or (group in MAY_BE_CARDS and MAY_BE_CARD.fullmatch(noun) is not None)


@lru_cache(maxsize=4096)
def asked_for(command: str) -> tuple[str, ...]:
    """The kinds of things that a command asks for, groups of the catalogue, the likeliest first."""
    text = _SORTED_BY.sub("", _HOST_ASKED.sub("", command))
    named = _named(text)
    if named[:1] == ("machine",) and _OF_ANYTHING.match(text):
        named = (*named[1:], "machine")
    if part := _part_asked(text, named):
        named = first(part, named)
    words = plain(text).split()
    phrases = (" ".join(words[at : at + count]) for count in (3, 2) for at in range(len(words) - count + 1))
    if phrase := next(filter(None, map(COMMAND_WORDS.get, phrases)), None):
        return first(phrase, named)
    called = COMMAND_WORDS.get(words[0]) if named and words else None
    if called in _CALLED_BY_WORD:
        return first(called, named)  # ``vars --user`` are the user's
    # Behind a kind that is named (``net ports``) only whole words tell of another.
    telling = [word for word in words[:_FIRST_WORDS] if not named or word.isalpha()]
    return tuple(dict.fromkeys((*named, *filter(None, map(subject_of_command, telling)))))


def without_names(command: str, printed: Sequence[str]) -> str:
    """A command without the names that it asks after: what lines that it printed begin with (``dns printsrv`` over
    ``printsrv   10.20.0.40``), and no word for a kind of things."""
    first_word, *more = command.split()
    names = {word for word in more if word[0].isalpha() and any(_begins_with(line, word) for line in printed)}
    names = {word for word in names if word.casefold() not in COMMAND_WORDS and words_of(word) not in SUBJECTS}
    return " ".join([first_word, *(word for word in more if word not in names)]) if names else command


def _begins_with(line: str, word: str) -> bool:
    return line.lstrip().startswith((f"{word}  ", f"{word}:", f"{word} ->", f"{word} ="))


def headed_by(heading: str) -> tuple[str, ...]:
    """The kinds of things that a heading names, groups of the catalogue, the likeliest first; or what the tool that prints
    it is called after."""
    named = _named(heading)
    if not named and _BRACED_ENTRY.fullmatch(heading):
        return ("boot_entry",)
    tool = None if named else _TOOL.match(heading)
    return tuple(filter(None, [subject_of_command(tool["name"].casefold())])) if tool else named


def _named(text: str) -> tuple[str, ...]:
    found = subjects_in(words_of(text))
    # ``memory sockets`` are no sockets of a network.
    return tuple(dict.fromkeys(at.group for at in found if at.group != "connection" or not _is_part(at, found)))


def _is_part(at: SubjectAt, found: Sequence[SubjectAt]) -> bool:
    """Whether a subject's words are a part of those of a longer one."""
    return any(o is not at and o.start <= at.start and at.end <= o.end for o in found)


def first(group: str, named: Sequence[str]) -> tuple[str, ...]:
    """A group before all others."""
    return (group, *(other for other in named if other != group))


def _part_asked(command: str, named: Sequence[str]) -> str:
    """``disks --parts 0``: the kind of parts of things that an option of a command asks for; else nothing."""
    for option in OPTION.finditer(command):
        group = SUBJECTS.get(words_of(option[1])) or subject_of_command(option[1].casefold())
        owners = (*named, subject_of_command(command.split(None, 1)[0].casefold()))
        if any(f"{group}.{owner}" in FACTS for owner in owners):
            return group or ""
    return ""


# ``Battery 1 "BT-5510"``
_NUMBER_AND_QUOTED = re.compile(r" #?\d{1,3} [\"“„«] ?(?P<name>[^\"“”„«»]*[^\s\"“”„«»]) ?[\"”“»]$")
JOINING = frozenset("of the de du des del da do di der des van het".split())


def beside_subject(label: str, at: SubjectAt) -> list[str]:
    """The words of a label, as printed, that do not name its subject: ``Public`` of ``Public profile``; none of a
    question's."""
    if label.endswith("?"):
        return []
    if quoted := _NUMBER_AND_QUOTED.search(label):
        return [quoted["name"]]
    subject = words_of(label)[at.start : at.end]
    beside = [word for word in label.split() if words_of(word) and words_of(word)[0] not in subject]
    return [] if all(word.casefold() in JOINING for word in beside) else beside
