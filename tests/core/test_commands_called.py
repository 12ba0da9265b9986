"""What a command asks for, by what it is called in eight languages."""

import unittest

from yes_tally.core.reading.meaning.spoken_of import asked_for

ASKED = {
    "processor": "cpu;hw cpu;prozessoren;processeur;procesadores;processori;processoren;procesory",
    "disk": "plattenliste;list disks;hw disk;liste-disques;lista-discos;elenco-dischi;schijvenlijst;lista dyskow",
    "volume": "free space;freier platz;espace disque;espacio disco;spazio libero;schijfruimte;miejsce na dysku;wolne miejsce",
    "partition": "partitionstabelle;table de partitions;tabla de particiones;partitietabel;tablica partycji",
    "printer": "print queues;druckwarteschlangen;colas de impresión;filas de impressão;afdrukwachtrijen;kolejki druku",
    "driver": "treiberliste;liste-pilotes;elenco driver;lista sterowników",
    "process": "prozessliste;liste-processus;lista de procesos;elenco processi;proceslijst;lista procesów",
    "event": "errors;fehler;erreurs;errores;erros;errori;fouten;błędy;systemprotokoll;dziennik zdarzeń",
    "connection": "open ports;offene ports;ports ouverts;puertos abiertos;portas abertas;porte aperte;open poorten;otwarte porty",
    "route": "routes;leitwege;table de routage;rutas;rotas;rotte;routetabel;tablica routingu",
    "reach": "echo 10.20.3.1;erreichbarkeit;écho;prueba de eco;teste de eco;raggiungibilità;bereikbaarheid;osiągalność",
    "hop": "trace 10.40.0.7;wegverfolgung;traza;rastrear rota;traccia percorso;routespoor;śledzenie trasy",
    "lookup": "resolve;namen auflösen;résolution de noms;consulta dns;resolução de nomes;risolvi nome;naamresolutie;rozwiązywanie nazw",
    "boot_entry": "boot order;startreihenfolge;ordre de démarrage;orden de arranque;opstartvolgorde;kolejność rozruchu",
    "policy": "überwachungsrichtlinien;stratégie d'audit;directiva de auditoría;criteri di controllo;auditbeleid;zasady inspekcji",
}


class CommandsCalled(unittest.TestCase):
    def test_what_each_asks_for_first(self):
        for group, commands in ASKED.items():
            for command in commands.split(";"):
                with self.subTest(command=command):
                    self.assertEqual(asked_for(command)[:1], (group,))

    def test_words_that_ask_for_nothing(self):
        for command in ("hello there", "xyzzy --all", "42", ""):
            with self.subTest(command=command):
                self.assertEqual(asked_for(command), ())


if __name__ == "__main__":
    unittest.main()
