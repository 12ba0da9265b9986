"""What sentences of eight languages say of the system's licence."""

# By state and language.
STATES = {
    "active": {
        "en": [
            "This PC is activated.",
            "The licence is active.",
            "Harbour OS is licensed.",
            "The system has been activated permanently.",
        ],
        "de": [
            "Dieser PC ist aktiviert.",
            "Die Lizenz ist aktiv.",
            "Harbour OS ist lizenziert.",
            "Das System wurde dauerhaft aktiviert.",
        ],
        "fr": [
            "Ce poste est activé.",
            "La licence est active.",
            "Harbour OS est sous licence.",
            "Le système a été activé définitivement.",
        ],
        "es": [
            "Este equipo está activado.",
            "La licencia está activa.",
            "Harbour OS tiene licencia.",
            "El sistema se activó de forma permanente.",
        ],
        "pt": [
            "Este computador está ativado.",
            "A licença está ativa.",
            "O Harbour OS tem licença.",
            "O sistema foi ativado de forma permanente.",
        ],
        "it": [
            "Questo computer è attivato.",
            "La licenza è attiva.",
            "Harbour OS ha una licenza.",
            "Il sistema è stato attivato in modo permanente.",
        ],
        "nl": [
            "Deze pc is geactiveerd.",
            "De licentie is actief.",
            "Harbour OS heeft een licentie.",
            "Het systeem is permanent geactiveerd.",
        ],
        "pl": [
            "Ten komputer jest aktywowany.",
            "Licencja jest aktywna.",
            "Harbour OS ma licencję.",
            "System został aktywowany na stałe.",
        ],
    },
    "inactive": {
        "en": ["This PC is not activated.", "The licence is not active.", "Harbour OS is not licensed."],
        "de": ["Dieser PC ist nicht aktiviert.", "Die Lizenz ist nicht aktiv.", "Harbour OS ist nicht lizenziert."],
        "fr": ["Ce poste n'est pas activé.", "La licence n'est pas active.", "Harbour OS n'est pas sous licence."],
        "es": ["Este equipo no está activado.", "La licencia no está activa.", "Harbour OS no tiene licencia."],
        "pt": ["Este computador não está ativado.", "A licença não está ativa.", "O Harbour OS não tem licença."],
        "it": ["Questo computer non è attivato.", "La licenza non è attiva.", "Harbour OS non ha una licenza."],
        "nl": ["Deze pc is niet geactiveerd.", "De licentie is niet actief.", "Harbour OS heeft geen licentie."],
        "pl": ["Ten komputer nie jest aktywowany.", "Licencja nie jest aktywna.", "Harbour OS nie ma licencji."],
    },
    "expired": {
        "en": ["The licence has expired.", "The licence expired on 3 March 2025."],
        "de": ["Die Lizenz ist abgelaufen.", "Die Lizenz ist am 3. März 2025 abgelaufen."],
        "fr": ["La licence a expiré.", "La licence a expiré le 3 mars 2025."],
        "es": ["La licencia ha caducado.", "La licencia caducó el 3 de marzo de 2025."],
        "pt": ["A licença expirou.", "A licença expirou em 3 de março de 2025."],
        "it": ["La licenza è scaduta.", "La licenza è scaduta il 3 marzo 2025."],
        "nl": ["De licentie is verlopen.", "De licentie is op 3 maart 2025 verlopen."],
        "pl": ["Licencja wygasła.", "Licencja wygasła 3 marca 2025."],
    },
    "grace": {
        "en": [
            "The licence is in its grace period: 20 days are left.",
            "You are in the grace period.",
            "This PC is in the grace period: 20 days are left.",
        ],
        "de": [
            "Die Lizenz ist in der Kulanzfrist: noch 20 Tage.",
            "Die Lizenz befindet sich in der Übergangsfrist.",
            "Dieser PC ist in der Gnadenfrist: 20 Tage bleiben.",
        ],
        "fr": [
            "La licence est en période de grâce : il reste 20 jours.",
            "La licence est dans le délai de grâce.",
            "Cet ordinateur est en période de grâce : il reste 20 jours.",
        ],
        "es": [
            "La licencia está en período de gracia: quedan 20 días.",
            "La licencia está en el período de gracia.",
            "Este equipo está en período de gracia: quedan 20 días.",
        ],
        "pt": [
            "A licença está em período de carência: restam 20 dias.",
            "A licença está no período de carência.",
            "Este computador está em período de carência.",
        ],
        "it": [
            "La licenza è in periodo di tolleranza: restano 20 giorni.",
            "La licenza è nel periodo di tolleranza.",
            "Questo computer è nel periodo di tolleranza.",
        ],
        "nl": [
            "De licentie is in de respijtperiode: nog 20 dagen.",
            "De licentie zit in de respijtperiode.",
            "Deze pc is in de respijtperiode: nog 20 dagen.",
        ],
        "pl": [
            "Licencja jest w okresie karencji: pozostało 20 dni.",
            "Licencja jest w okresie karencji.",
            "Ten komputer jest w okresie karencji.",
        ],
    },
}
# By language: that it is for good, that it never ends, that it is not for good, and when it ends.
FOR_GOOD = {
    "en": ["The licence is permanent."],
    "de": ["Die Lizenz ist dauerhaft.", "Die Lizenz ist unbefristet."],
    "fr": ["La licence est permanente."],
    "es": ["La licencia es permanente."],
    "pt": ["A licença é permanente."],
    "it": ["La licenza è permanente."],
    "nl": ["De licentie is permanent."],
    "pl": ["Licencja jest bezterminowa."],
}
NEVER_ENDS = {
    "en": ["The licence never expires."],
    "de": ["Die Lizenz läuft nie ab."],
    "fr": ["La licence n'expire jamais."],
    "es": ["La licencia no caduca nunca."],
    "pt": ["A licença nunca expira."],
    "it": ["La licenza non scade mai."],
    "nl": ["De licentie verloopt nooit."],
    "pl": ["Licencja nigdy nie wygasa."],
}
NOT_FOR_GOOD = {
    "en": ["The licence is not permanent."],
    "de": ["Die Lizenz ist nicht dauerhaft.", "Die Lizenz ist befristet."],
    "fr": ["La licence n'est pas permanente."],
    "es": ["La licencia no es permanente."],
    "pt": ["A licença não é permanente."],
    "it": ["La licenza non è permanente."],
    "nl": ["De licentie is niet permanent."],
    "pl": ["Licencja nie jest bezterminowa."],
}
ENDS = {
    "en": [
        "The licence expires on 3 March 2025.",
        "It runs out on 3 March 2025 at 09:00.",
        "The licence is valid until 3 March 2025.",
    ],
    "de": [
        "Die Lizenz läuft am 3. März 2025 ab.",
        "Die Lizenz gilt bis zum 3. März 2025.",
        "Die Lizenz endet am 03.03.2025.",
    ],
    "fr": ["La licence expire le 3 mars 2025.", "La licence est valable jusqu'au 3 mars 2025."],
    "es": ["La licencia caduca el 3 de marzo de 2025.", "La licencia es válida hasta el 3 de marzo de 2025."],
    "pt": ["A licença expira em 3 de março de 2025.", "A licença é válida até 3 de março de 2025."],
    "it": ["La licenza scade il 3 marzo 2025.", "La licenza è valida fino al 3 marzo 2025."],
    "nl": ["De licentie verloopt op 3 maart 2025.", "De licentie is geldig tot 3 maart 2025."],
    "pl": ["Licencja wygasa 3 marca 2025.", "Licencja jest ważna do 3 marca 2025."],
}
