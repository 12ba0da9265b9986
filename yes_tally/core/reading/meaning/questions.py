"""Labels that are questions (``Which model?``, ``Wer hat den PC gebaut?``), as labels that say what is asked for."""

from __future__ import annotations

import re

# ``Which model?``, ``How much memory?``, ``Welches Modell?``: what is asked for.
_ASKS = re.compile(
    r"^(?:which|what kind of|what|how many|how much|who|whose|when|is the|is it|is|are|has it|was|welche[rns]?|was|wie (?:lautet|ist)|wie ?viele?|wer|wann|ist|since when|seit wann|depuis quand|desde cu[áa]ndo|desde quando|da quando|sinds wanneer|od kiedy|quel(?:le)?s?|combien de|combien|"
    r"qui|est-ce que|est|qu[ée]|cu[áa]l|cu[áa]nt[oa]s?|qui[ée]n|quale?|quali|quais|quant[oiae]s?|chi|quem|welke?|hoeveel|wie|wat|wanneer|quand|cu[áa]ndo|quando|kiedy|jaki[e]?|jaka|ile|kto|czy) (?=\S+)",
    re.I,
)


# ``Hoe heet de computer?``: its name is asked for.
_HOW_CALLED = re.compile(
    r"^(?:hoe heet|wie hei(?:ß|ss)t|comment s['’]appelle|c[óo]mo se llama|come si chiama|como se chama|jak si[ęe] nazywa|what is the name of|what do you call) (?=\S)",
    re.I,
)
_TO_BE = re.compile(
    r"^(?:(?:is|are|was|were|been|it|ist|sind|wurde|est|sont|a|[ée]t[ée]|es|son|se|fue|est[áa]n?|é|foi|s[ãa]o|è|stat[oa]|sono|zijn|werd|jest|s[ąa]|zosta[łl][oa]?) )+(?=\S)",
    re.I,
)
_WHO = re.compile(
    r"^(?:who is|wer ist|qui est|qui[ée]n (?:est[áa]|ha)|chi (?:è|ha)|quem est[áa]|wie is|kto jest) \S", re.I
)
_THERE = re.compile(
    r" (?:zit(?:ten)? er(?:in)?|is er|zijn er|(?:is|are) there|does it have|gibt es|ist drin|sind drin|hat er|y a-t-il|hay|tiene|c['’]è|ci sono|há|tem|jest)$",
    re.I,
)


# Which of several is asked about needs no word: it is this one.
_THIS = re.compile(
    r"(?<= )(?:this|dieser|diesem|diesen|dieses|diese|cette|cet|ce|este|esta|questo|questa|quest['’]|deze|dit|ten|tego|tej|ta) (?=\S)",
    re.I,
)

_LICENCE = r"(?:licen[cs]e|lizenz|licencia|licen[çc]a|licenza|licentie|licencja)"
_ENDS = r"(?:expires?|run out|end|l[äa]uft(?=.* ab)|endet|expire(?:-t-elle)?|caduca|vence|expira|scade|verloopt|wygasa)"
# Whole questions, by words that only one thing is asked with, and the label that each stands for.
_WHOLE = tuple(
    (re.compile(question, re.I), label)
    for question, label in (
        (
            r"(?:who (?:made|makes|built|builds|manufactur\w+)|wer (?:hat|baut|stellt|ist der hersteller)\b.*(?:gebaut|hergestellt|her|baut|hersteller)?|"
            r"qui (?:a |l'a )?(?:fabriqu|construi)\w+|qui[ée]n (?:lo )?(?:fabric|constru)\w+|quem (?:o )?(?:fabric|constru)\w+|"
            r"chi (?:lo |l')?(?:ha )?(?:fabbric|prodo|costrui)\w+|wie (?:heeft|maakt|bouwt)\b.*|kto (?:go )?(?:wy)?produk\w+)(?: .*)?",
            "manufacturer",
        ),
        (
            rf".*\b{_LICENCE}\b.*\b{_ENDS}\b.*|.*\b{_ENDS}\b.*\b{_LICENCE}\b.*",
            "licence expires",
        ),
        (r".*\b(?:domain|dom[äa]ne|domaine|domin[ií]o|domein|domen(?:a|ie|y))\b.*", "domain"),
        (
            r"(?:is|has|ist|wurde|est|est-il|est-ce qu'il est|est[áa]|a|è|is het|czy(?: jest)?|foi|heeft)\b.{0,24}\b(?:activated|aktiviert|activ[ée]e?|activad[oa]|ativad[oa]|attivat[oa]|geactiveerd|aktywowan\w+)(?: .{2,24})?",
            "activated",
        ),
    )
)
# What a question is over with, and no part of what it asks for.
_VERB_AT_END = re.compile(
    r"(?<=\S) (?:is (?:it|this)|it (?:is|has)|does it (?:run|have|use)|do you have|ist (?:es|er|das)|hat (?:es|er)|l[äa]uft(?: darauf)?|es|est[áa]|est-ce|est-il|"
    r"a-t-il|tourne|è|ha|é|is (?:het|dit)|heeft (?:het|hij)|to jest|jest to|ma)$",
    re.I,
)
# ``Cuál es su número de serie``: of this PC.
_ITS = re.compile(
    r"^(?:its|seine?|ihre?|son|sa|su|sus|(?:o |a )?(?:seu|sua)|(?:il |la )?(?:suo|sua)|zijn|jego|jej) (?=\S)", re.I
)


def asked_for(label: str) -> str:
    """What a label asks for that is a question, in the words of one that is none; any other as it is."""
    if not label.endswith("?"):
        return label
    question = _THIS.sub("", label[:-1].strip("¿ "))
    if whole := next((said for pattern, said in _WHOLE if pattern.fullmatch(question)), ""):
        return whole
    if _WHO.match(question):
        return "signed in user"
    called = _HOW_CALLED.sub("name ", question)
    return called if called != question else _ITS.sub("", _TO_BE.sub("", _ASKS.sub("", _asked_of(question))))


def _asked_of(question: str) -> str:
    return _VERB_AT_END.sub("", _THERE.sub("", question))
