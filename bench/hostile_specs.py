"""Specs as nobody should write them: two hundred broken and hostile texts, the same every time."""

from __future__ import annotations

from random import Random

from bench.checker import SPEC
from yes_tally.core.catalogue import FACTS

NUMBER = 200
_HEAD = 'spec "Broken"\n'


def _whole() -> list[str]:
    """Texts that are hostile as a whole."""
    must = "must memory.installed at least"
    return [
        "", "\x00", "spec", 'spec "', 'spec ""', "must", f"{must} 16 GB", _HEAD + "for", _HEAD + "for everyone x",
        _HEAD + "must " + "(" * 200_000, _HEAD + "must " + "(" * 900 + "host.name is known" + ")" * 900,
        _HEAD + "must " + "not " * 1_200 + "host.name is known", _HEAD + "must host.name is known" + " and host.name is known" * 4_000,
        _HEAD + 'must host.name matches "' + "(a+)+" * 150 + '$"', _HEAD + 'must host.name matches "((((((a{99}){99}){99}){99}){99})"',
        _HEAD + 'must host.name matches "[' + "a" * 900 + '"', _HEAD + 'must host.name matches "(?<=x)y"', _HEAD + 'must host.name like "' + "*" * 3_000 + '"',
        _HEAD + f"{must} " + "9" * 3_000 + " GB", _HEAD + f"{must} 16 " + "G" * 3_000, _HEAD + "x" * 1_000_000,
        _HEAD + "must 💾.size at least 1 GB", _HEAD + "must \u202ehost.name is known", _HEAD + "must\u00a0host.name is known",
        _HEAD + "\n" * 20_000, _HEAD + "must nothing\n" * 9_999, _HEAD + 'must os.edition is one of "a"' + ', "a"' * 5_000,
        _HEAD + f"{must} 16 GB and at most 8 GB", _HEAD + "must memory.installed between 64 GB and 8 GB", _HEAD + "must count of module below 0",
        _HEAD + "must every module", _HEAD + "must every modul: size above 1 GB", _HEAD + "must some disk: sise above 1 GB", _HEAD + "must same speed across",
        _HEAD + "must licence.expires_at after today + 60 parsecs", _HEAD + "must memory.installed at least 16 parsecs",
        _HEAD + "must every volume: free at least 15 of size", _HEAD + "must os.edition at least 3", _HEAD + "must firmware.secure_boot is maybe",
        _HEAD + 'must host.name is "unclosed', _HEAD + 'must host.name is known because unquoted', _HEAD + "should should host.name is known",
    ]  # fmt: skip


def _spoiled(random: Random, line: str) -> str:
    """A good line with one thing wrong in it."""
    words = line.split(" ")
    place = random.randrange(len(words))
    word = words[place]
    how = random.randrange(7)
    if how == 0:
        words.pop(place)
    elif how == 1 and len(word) > 2:
        cut = random.randrange(len(word) - 1)
        words[place] = word[:cut] + word[cut + 1] + word[cut] + word[cut + 2 :]
    elif how == 2:
        words[place] = random.choice(sorted(FACTS))
    elif how == 3:
        words.insert(place, random.choice(("not", "(", ")", ",", ":", "and", '"', "%", "*", "16", "GB")))
    elif how == 4:
        words = words[:place]
    elif how == 5:
        words[place] = word.upper() + "x"
    else:
        words[place] = "".join(chr(random.randrange(32, 0x2FF)) for _ in range(8))
    return " ".join(words)


def hostile_specs() -> list[str]:
    """``NUMBER`` texts."""
    random = Random(20260302)
    lines = SPEC.splitlines()[1:]
    texts = _whole()
    while len(texts) < NUMBER:
        texts.append(_HEAD + "\n".join(_spoiled(random, random.choice(lines)) for _ in range(random.randint(1, 12))))
    return texts
