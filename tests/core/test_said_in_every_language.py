"""The same report in every language says the same: each way of telling in the words of all eight."""

import unittest

from tests.core.readings import told
from tests.core.records_in_languages import DAYS, RECORDS

GIB = 2**30

# By what is told: the facts (``item#n.field`` of a thing), and the text in each language.
SAID = {
    "memory": (
        {"memory.installed": 8589934592, "memory.usable": 8482560410},
        {
            "en": "Memory : 8 GB\n  of which usable : 7.9 GB\n",
            "de": "Arbeitsspeicher : 8 GB\n  davon nutzbar : 7,9 GB\n",
            "fr": "Mémoire : 8 GB\n  dont utilisable : 7,9 GB\n",
            "es": "Memoria : 8 GB\n  de ella utilizable : 7,9 GB\n",
            "pt": "Memória : 8 GB\n  da qual utilizável : 7,9 GB\n",
            "it": "Memoria : 8 GB\n  di cui utilizzabile : 7,9 GB\n",
            "nl": "Geheugen : 8 GB\n  waarvan bruikbaar : 7,9 GB\n",
            "pl": "Pamięć : 8 GB\n  z czego użyteczna : 7,9 GB\n",
        },
    ),
    "driver": (
        {
            "driver#1.name": "Oriel G4",
            "driver#1.version": "31.0.14.2201",
            "driver#1.dated": "2024-11-08",
            "driver#1.provider": "Merrow Silicon",
            "driver#1.signed": True,
            "driver#1.file": "oriel4.sys",
        },
        {
            "en": "Driver: Oriel G4\nVersion: 31.0.14.2201 of 2024-11-08, by Merrow Silicon, signed\nFile: oriel4.sys\n",
            "de": "Treiber: Oriel G4\nVersion: 31.0.14.2201 vom 08.11.2024, von Merrow Silicon, signiert\nDatei: oriel4.sys\n",
            "fr": "Pilote : Oriel G4\nVersion : 31.0.14.2201 du 08/11/2024, de Merrow Silicon, signé\nFichier : oriel4.sys\n",
            "es": "Controlador: Oriel G4\nVersión: 31.0.14.2201 del 08/11/2024, de Merrow Silicon, firmado\nArchivo: oriel4.sys\n",
            "pt": "Controlador: Oriel G4\nVersão: 31.0.14.2201 de 08/11/2024, de Merrow Silicon, assinado\nFicheiro: oriel4.sys\n",
            "it": "Driver: Oriel G4\nVersione: 31.0.14.2201 del 08/11/2024, di Merrow Silicon, firmato\nFile: oriel4.sys\n",
            "nl": "Stuurprogramma: Oriel G4\nVersie: 31.0.14.2201 van 08-11-2024, van Merrow Silicon, ondertekend\nBestand: oriel4.sys\n",
            "pl": "Sterownik: Oriel G4\nWersja: 31.0.14.2201 z 08.11.2024, od Merrow Silicon, podpisany\nPlik: oriel4.sys\n",
        },
    ),
    "questions": (
        {
            "host.name": "NQ-TKT-02",
            "host.user": "LSF\\tquill",
            "machine.maker": "Corrane",
            "machine.model": "Tallow 520",
            "machine.serial": "CRN7K20418",
            "memory.installed": 8589934592,
            "os.name": "Harbour OS 12",
            "os.installed_at": "2024-06-14",
        },
        {
            "en": "What is the name of this computer?           NQ-TKT-02\nWho is signed in?                            LSF\\tquill\nWhich make and model?                        Corrane Tallow 520\nWhat is the serial number?                   CRN7K20418\nHow much memory is there?                    8 GB\nWhich operating system?                      Harbour OS 12\nWhen was it installed?                       2024-06-14\n",
            "de": "Wie heißt der Rechner?                       NQ-TKT-02\nWer ist angemeldet?                          LSF\\tquill\nWelcher Hersteller und welches Modell?       Corrane Tallow 520\nWie lautet die Seriennummer?                 CRN7K20418\nWie viel Arbeitsspeicher ist drin?           8 GB\nWelches Betriebssystem?                      Harbour OS 12\nWann installiert?                            2024-06-14\n",
            "fr": "Comment s'appelle l'ordinateur ?             NQ-TKT-02\nQui est connecté ?                           LSF\\tquill\nQuel fabricant et modèle ?                   Corrane Tallow 520\nQuel est le numéro de série ?                CRN7K20418\nCombien de mémoire y a-t-il ?                8 GB\nQuel système d'exploitation ?                Harbour OS 12\nQuand installé ?                             2024-06-14\n",
            "es": "¿Cómo se llama el equipo?                    NQ-TKT-02\n¿Quién ha iniciado sesión?                   LSF\\tquill\n¿Qué fabricante y modelo?                    Corrane Tallow 520\n¿Cuál es el número de serie?                 CRN7K20418\n¿Cuánta memoria hay?                         8 GB\n¿Qué sistema operativo?                      Harbour OS 12\n¿Cuándo se instaló?                          2024-06-14\n",
            "it": "Come si chiama il computer?                  NQ-TKT-02\nChi è connesso?                              LSF\\tquill\nQuale produttore e modello?                  Corrane Tallow 520\nQual è il numero di serie?                   CRN7K20418\nQuanta memoria c'è?                          8 GB\nQuale sistema operativo?                     Harbour OS 12\nQuando è stato installato?                   2024-06-14\n",
            "pt": "Como se chama o computador?                  NQ-TKT-02\nQuem está ligado?                            LSF\\tquill\nQual fabricante e modelo?                    Corrane Tallow 520\nQual é o número de série?                    CRN7K20418\nQuanta memória há?                           8 GB\nQual sistema operativo?                      Harbour OS 12\nQuando foi instalado?                        2024-06-14\n",
            "pl": "Jak się nazywa komputer?                     NQ-TKT-02\nKto jest zalogowany?                         LSF\\tquill\nJaki producent i model?                      Corrane Tallow 520\nJaki jest numer seryjny?                     CRN7K20418\nIle pamięci jest?                            8 GB\nJaki system operacyjny?                      Harbour OS 12\nKiedy zainstalowano?                         2024-06-14\n",
        },
    ),
    "a check of health": (
        {"health_check#1.kind": "disk", "health_check#1.target": "C:", "health_check#1.result": "clean"},
        {
            "en": "Volume C: is being checked ... no problems found.\n",
            "de": "Volume C: wird geprüft ... keine Probleme gefunden.\n",
            "fr": "Volume C: est en cours de vérification ... aucun problème trouvé.\n",
            "es": "Volumen C: se está comprobando ... no se encontraron problemas.\n",
            "it": "Volume C: viene controllato ... nessun problema trovato.\n",
            "pt": "Volume C: está a ser verificado ... nenhum problema encontrado.\n",
            "nl": "Volume C: wordt gecontroleerd ... geen problemen gevonden.\n",
            "pl": "Wolumin C: jest sprawdzany ... nie znaleziono problemów.\n",
        },
    ),
    "licence": (
        {"licence.state": "active", "licence.channel": "volume", "licence.expires_at": "2025-08-03"},
        {
            "en": "Licence: activated (volume), ends 2025-08-03\n",
            "de": "Lizenz: aktiviert (Volumen), läuft ab am 03.08.2025\n",
            "fr": "Licence : activée (volume), expire le 03/08/2025\n",
            "es": "Licencia: activada (volumen), caduca el 03/08/2025\n",
            "it": "Licenza: attivata (volume), scade il 03/08/2025\n",
            "pt": "Licença: ativada (volume), expira em 03/08/2025\n",
            "nl": "Licentie: geactiveerd (volume), verloopt op 03-08-2025\n",
            "pl": "Licencja: aktywna (zbiorcza), wygasa 03.08.2025\n",
        },
    ),
    "firmware": (
        {
            "firmware.version": "L31.0.4",
            "firmware.maker": "Loamgate",
            "firmware.dated": "2022-02-02",
            "firmware.mode": "legacy",
            "firmware.secure_boot": False,
            "security.virtualisation": False,
        },
        {
            "en": "Firmware: Loamgate L31.0.4 of 2022-02-02, legacy (no UEFI)\nSecure boot: not possible\nVirtualisation: switched off in the firmware\n",
            "de": "Firmware: Loamgate L31.0.4 vom 02.02.2022, Legacy (kein UEFI)\nSicherer Start: nicht möglich\nVirtualisierung: in der Firmware abgeschaltet\n",
            "fr": "Micrologiciel : Loamgate L31.0.4 du 02/02/2022, legacy (pas d'UEFI)\nDémarrage sécurisé : impossible\nVirtualisation : désactivée dans le micrologiciel\n",
            "es": "Firmware: Loamgate L31.0.4 del 02/02/2022, legacy (sin UEFI)\nArranque seguro: no es posible\nVirtualización: desactivada en el firmware\n",
            "it": "Firmware: Loamgate L31.0.4 del 02/02/2022, legacy (senza UEFI)\nAvvio sicuro: non possibile\nVirtualizzazione: disattivata nel firmware\n",
            "pt": "Firmware: Loamgate L31.0.4 de 02/02/2022, legacy (sem UEFI)\nArranque seguro: impossível\nVirtualização: desativada no firmware\n",
            "nl": "Firmware: Loamgate L31.0.4 van 02-02-2022, legacy (geen UEFI)\nVeilig opstarten: niet mogelijk\nVirtualisatie: uitgeschakeld in de firmware\n",
            "pl": "Firmware: Loamgate L31.0.4 z 02.02.2022, legacy (bez UEFI)\nBezpieczny rozruch: niemożliwy\nWirtualizacja: wyłączona w oprogramowaniu układowym\n",
        },
    ),
    "updates": (
        {
            "update#1.id": "HU-21044",
            "update#1.installed_at": "2021-08-20",
            "update#2.id": "HU-22107",
            "update#2.installed_at": "2022-05-11",
        },
        {
            "en": "Updates: 2\n    HU-21044 of 2021-08-20\n    HU-22107 of 2022-05-11\n",
            "de": "Updates: 2\n    HU-21044 vom 20.08.2021\n    HU-22107 vom 11.05.2022\n",
            "fr": "Mises à jour : 2\n    HU-21044 du 20/08/2021\n    HU-22107 du 11/05/2022\n",
            "es": "Actualizaciones: 2\n    HU-21044 del 20/08/2021\n    HU-22107 del 11/05/2022\n",
            "it": "Aggiornamenti: 2\n    HU-21044 del 20/08/2021\n    HU-22107 del 11/05/2022\n",
            "pt": "Atualizações: 2\n    HU-21044 de 20/08/2021\n    HU-22107 de 11/05/2022\n",
            "nl": "Updates: 2\n    HU-21044 van 20-08-2021\n    HU-22107 van 11-05-2022\n",
            "pl": "Aktualizacje: 2\n    HU-21044 z 20.08.2021\n    HU-22107 z 11.05.2022\n",
        },
    ),
    "cpu": (
        {"processor#1.name": "Kestrel K5", "processor#1.cores": 6, "processor#1.threads": 12},
        {
            "en": "Processor: Kestrel K5\nCores: 6, each with 2 threads\n",
            "de": "Prozessor: Kestrel K5\nKerne: 6, je 2 Threads\n",
            "fr": "Processeur : Kestrel K5\nCœurs : 6, 2 threads chacun\n",
            "es": "Procesador: Kestrel K5\nNúcleos: 6, 2 hilos cada uno\n",
            "it": "Processore: Kestrel K5\nNuclei: 6, 2 thread ciascuno\n",
            "pt": "Processador: Kestrel K5\nNúcleos: 6, 2 threads cada um\n",
            "nl": "Processor: Kestrel K5\nKernen: 6, elk 2 threads\n",
            "pl": "Procesor: Kestrel K5\nRdzenie: 6, każdy 2 wątki\n",
        },
    ),
}
PROFILES = {
    "en": "Firewall: domain profile on, private profile on, public profile off\n",
    "de": "Firewall: Domänenprofil ein, privates Profil ein, öffentliches Profil aus\n",
    "fr": "Pare-feu : profil domaine activé, profil privé activé, profil public désactivé\n",
    "es": "Cortafuegos: perfil dominio activado, perfil privado activado, perfil público desactivado\n",
    "pt": "Firewall: perfil domínio ativado, perfil privado ativado, perfil público desativado\n",
    "it": "Firewall: profilo dominio attivo, profilo privato attivo, profilo pubblico disattivato\n",
    "nl": "Firewall: domeinprofiel aan, privéprofiel aan, openbaar profiel uit\n",
    "pl": "Zapora: profil domenowy włączony, profil prywatny włączony, profil publiczny wyłączony\n",
}


def record(what, language):
    """The text of a record in a language, and the words of it that differ by language, by their fields."""
    data = RECORDS[what]
    words, own, text = iter(data["words"][language].split("|")), {}, ""
    for fact, label, printed in zip(
        data["fields"].split(), data["labels"][language].split("|"), data["values"], strict=True
    ):
        if printed is None:
            own[fact] = printed = next(words)
        elif printed.startswith("day "):
            printed = DAYS[language][int(printed[-1])]
        text += f"{label}\n" if fact == "heading" else data["form"].format(label=label, value=printed)
    return text, own


class InEveryLanguage(unittest.TestCase):
    maxDiff = None

    def test_the_same_is_said(self):
        for what, (expected, texts) in SAID.items():
            for language, text in texts.items():
                with self.subTest(what, language=language):
                    self.assertEqual(told(text), expected)

    def test_records_of_things(self):
        for what, data in RECORDS.items():
            for language in DAYS:
                text, own = record(what, language)
                expected = {
                    fact.replace(".", "#1.", 1): own[fact] if value is None else value
                    for fact, value in data["expected"].items()
                }
                with self.subTest(what, language=language):
                    self.assertEqual(told(text), expected)

    def test_profiles_of_a_firewall_in_one_line(self):
        for language, text in PROFILES.items():
            with self.subTest(language):
                found = told(text)
                self.assertEqual([found[f"firewall#{number}.on"] for number in (1, 2, 3)], [True, True, False])
                self.assertEqual(len({found[f"firewall#{number}.profile"] for number in (1, 2, 3)}), 3)
                self.assertEqual(len(found), 6)


if __name__ == "__main__":
    unittest.main()
