/*M!999999\- enable the sandbox mode */ 
-- MariaDB dump 10.19  Distrib 10.11.19-MariaDB, for debian-linux-gnu (x86_64)
--
-- Host: 127.0.0.1    Database: gatepin
-- ------------------------------------------------------
-- Server version	10.11.19-MariaDB-0+deb12u1

/*!40101 SET @OLD_CHARACTER_SET_CLIENT=@@CHARACTER_SET_CLIENT */;
/*!40101 SET @OLD_CHARACTER_SET_RESULTS=@@CHARACTER_SET_RESULTS */;
/*!40101 SET @OLD_COLLATION_CONNECTION=@@COLLATION_CONNECTION */;
/*!40101 SET NAMES utf8mb4 */;
/*!40103 SET @OLD_TIME_ZONE=@@TIME_ZONE */;
/*!40103 SET TIME_ZONE='+00:00' */;
/*!40014 SET @OLD_UNIQUE_CHECKS=@@UNIQUE_CHECKS, UNIQUE_CHECKS=0 */;
/*!40014 SET @OLD_FOREIGN_KEY_CHECKS=@@FOREIGN_KEY_CHECKS, FOREIGN_KEY_CHECKS=0 */;
/*!40101 SET @OLD_SQL_MODE=@@SQL_MODE, SQL_MODE='NO_AUTO_VALUE_ON_ZERO' */;
/*!40111 SET @OLD_SQL_NOTES=@@SQL_NOTES, SQL_NOTES=0 */;

--
-- Table structure for table `ahead_device`
--

DROP TABLE IF EXISTS `ahead_device`;
/*!40101 SET @saved_cs_client     = @@character_set_client */;
/*!40101 SET character_set_client = utf8mb4 */;
CREATE TABLE `ahead_device` (
  `job_id` bigint(20) NOT NULL,
  `kind` enum('DISCONNECT','FUSES','RESIDUAL_CURRENT','NO_VOLT_RELEASE','OVERLOAD') NOT NULL,
  `stands` enum('FITTED','THERE','LEFT_OUT') NOT NULL,
  `reason` varchar(200) NOT NULL DEFAULT '',
  PRIMARY KEY (`job_id`,`kind`),
  CONSTRAINT `ahead_device_ibfk_1` FOREIGN KEY (`job_id`) REFERENCES `job` (`id`) ON DELETE CASCADE
) ENGINE=InnoDB DEFAULT CHARSET=utf8mb4 COLLATE=utf8mb4_bin;
/*!40101 SET character_set_client = @saved_cs_client */;

--
-- Dumping data for table `ahead_device`
--

LOCK TABLES `ahead_device` WRITE;
/*!40000 ALTER TABLE `ahead_device` DISABLE KEYS */;
INSERT INTO `ahead_device` VALUES
(9,'DISCONNECT','THERE',''),
(9,'FUSES','THERE',''),
(9,'RESIDUAL_CURRENT','LEFT_OUT',''),
(9,'NO_VOLT_RELEASE','FITTED',''),
(9,'OVERLOAD','FITTED','');
/*!40000 ALTER TABLE `ahead_device` ENABLE KEYS */;
UNLOCK TABLES;

--
-- Table structure for table `ahead_wire_made`
--

DROP TABLE IF EXISTS `ahead_wire_made`;
/*!40101 SET @saved_cs_client     = @@character_set_client */;
/*!40101 SET character_set_client = utf8mb4 */;
CREATE TABLE `ahead_wire_made` (
  `job_id` bigint(20) NOT NULL,
  `from_terminal` varchar(20) NOT NULL,
  `to_terminal` varchar(20) NOT NULL,
  `made_at` timestamp(3) NOT NULL,
  `made_by` bigint(20) NOT NULL,
  PRIMARY KEY (`job_id`,`from_terminal`,`to_terminal`),
  KEY `made_by` (`made_by`),
  CONSTRAINT `ahead_wire_made_ibfk_1` FOREIGN KEY (`job_id`) REFERENCES `job` (`id`) ON DELETE CASCADE,
  CONSTRAINT `ahead_wire_made_ibfk_2` FOREIGN KEY (`made_by`) REFERENCES `person` (`id`)
) ENGINE=InnoDB DEFAULT CHARSET=utf8mb4 COLLATE=utf8mb4_bin;
/*!40101 SET character_set_client = @saved_cs_client */;

--
-- Dumping data for table `ahead_wire_made`
--

LOCK TABLES `ahead_wire_made` WRITE;
/*!40000 ALTER TABLE `ahead_wire_made` DISABLE KEYS */;
INSERT INTO `ahead_wire_made` VALUES
(9,'F2.5','K0.4','2026-11-30 15:28:00.000',1);
/*!40000 ALTER TABLE `ahead_wire_made` ENABLE KEYS */;
UNLOCK TABLES;

--
-- Table structure for table `bench_copy`
--

DROP TABLE IF EXISTS `bench_copy`;
/*!40101 SET @saved_cs_client     = @@character_set_client */;
/*!40101 SET character_set_client = utf8mb4 */;
CREATE TABLE `bench_copy` (
  `id` bigint(20) NOT NULL AUTO_INCREMENT,
  `job_id` bigint(20) NOT NULL,
  `name` varchar(60) NOT NULL,
  `gear` varchar(40) NOT NULL DEFAULT '',
  `at_step` int(11) NOT NULL DEFAULT 0 CHECK (`at_step` >= 0),
  `made_at` timestamp(3) NOT NULL,
  PRIMARY KEY (`id`),
  UNIQUE KEY `job_id` (`job_id`,`name`),
  CONSTRAINT `bench_copy_ibfk_1` FOREIGN KEY (`job_id`) REFERENCES `job` (`id`) ON DELETE CASCADE
) ENGINE=InnoDB DEFAULT CHARSET=utf8mb4 COLLATE=utf8mb4_bin;
/*!40101 SET character_set_client = @saved_cs_client */;

--
-- Dumping data for table `bench_copy`
--

LOCK TABLES `bench_copy` WRITE;
/*!40000 ALTER TABLE `bench_copy` DISABLE KEYS */;
/*!40000 ALTER TABLE `bench_copy` ENABLE KEYS */;
UNLOCK TABLES;

--
-- Table structure for table `bench_step`
--

DROP TABLE IF EXISTS `bench_step`;
/*!40101 SET @saved_cs_client     = @@character_set_client */;
/*!40101 SET character_set_client = utf8mb4 */;
CREATE TABLE `bench_step` (
  `copy_id` bigint(20) NOT NULL,
  `step` int(11) NOT NULL CHECK (`step` >= 0),
  `wires` text NOT NULL,
  PRIMARY KEY (`copy_id`,`step`),
  CONSTRAINT `bench_step_ibfk_1` FOREIGN KEY (`copy_id`) REFERENCES `bench_copy` (`id`) ON DELETE CASCADE
) ENGINE=InnoDB DEFAULT CHARSET=utf8mb4 COLLATE=utf8mb4_bin;
/*!40101 SET character_set_client = @saved_cs_client */;

--
-- Dumping data for table `bench_step`
--

LOCK TABLES `bench_step` WRITE;
/*!40000 ALTER TABLE `bench_step` DISABLE KEYS */;
/*!40000 ALTER TABLE `bench_step` ENABLE KEYS */;
UNLOCK TABLES;

--
-- Table structure for table `board_layout`
--

DROP TABLE IF EXISTS `board_layout`;
/*!40101 SET @saved_cs_client     = @@character_set_client */;
/*!40101 SET character_set_client = utf8mb4 */;
CREATE TABLE `board_layout` (
  `id` bigint(20) NOT NULL AUTO_INCREMENT,
  `motor_id` bigint(20) NOT NULL,
  `kind` enum('FOUND','DIAGRAM') NOT NULL,
  `volts` smallint(6) NOT NULL CHECK (`volts` between 24 and 600),
  PRIMARY KEY (`id`),
  UNIQUE KEY `motor_id` (`motor_id`,`kind`,`volts`),
  UNIQUE KEY `id` (`id`,`motor_id`),
  CONSTRAINT `board_layout_ibfk_1` FOREIGN KEY (`motor_id`) REFERENCES `motor` (`id`) ON DELETE CASCADE
) ENGINE=InnoDB AUTO_INCREMENT=4 DEFAULT CHARSET=utf8mb4 COLLATE=utf8mb4_bin;
/*!40101 SET character_set_client = @saved_cs_client */;

--
-- Dumping data for table `board_layout`
--

LOCK TABLES `board_layout` WRITE;
/*!40000 ALTER TABLE `board_layout` DISABLE KEYS */;
INSERT INTO `board_layout` VALUES
(1,11,'FOUND',115),
(2,11,'DIAGRAM',115),
(3,11,'DIAGRAM',230);
/*!40000 ALTER TABLE `board_layout` ENABLE KEYS */;
UNLOCK TABLES;

--
-- Table structure for table `board_lead`
--

DROP TABLE IF EXISTS `board_lead`;
/*!40101 SET @saved_cs_client     = @@character_set_client */;
/*!40101 SET character_set_client = utf8mb4 */;
CREATE TABLE `board_lead` (
  `layout_id` bigint(20) NOT NULL,
  `motor_id` bigint(20) NOT NULL,
  `lead` varchar(12) NOT NULL,
  `stud` varchar(6) NOT NULL,
  PRIMARY KEY (`layout_id`,`lead`),
  KEY `layout_id` (`layout_id`,`motor_id`),
  KEY `motor_id` (`motor_id`,`stud`),
  CONSTRAINT `board_lead_ibfk_1` FOREIGN KEY (`layout_id`, `motor_id`) REFERENCES `board_layout` (`id`, `motor_id`) ON DELETE CASCADE,
  CONSTRAINT `board_lead_ibfk_2` FOREIGN KEY (`motor_id`, `stud`) REFERENCES `stud` (`motor_id`, `mark`) ON DELETE CASCADE
) ENGINE=InnoDB DEFAULT CHARSET=utf8mb4 COLLATE=utf8mb4_bin;
/*!40101 SET character_set_client = @saved_cs_client */;

--
-- Dumping data for table `board_lead`
--

LOCK TABLES `board_lead` WRITE;
/*!40000 ALTER TABLE `board_lead` DISABLE KEYS */;
INSERT INTO `board_lead` VALUES
(1,11,'L1','U1'),
(1,11,'Z1','U1'),
(2,11,'L1','U1'),
(3,11,'L1','U1'),
(1,11,'L2','U2'),
(2,11,'Z1','V1'),
(3,11,'Z1','V1'),
(1,11,'Z2','V2'),
(2,11,'L2','V2'),
(2,11,'Z2','V2'),
(3,11,'L2','V2'),
(3,11,'Z2','V2');
/*!40000 ALTER TABLE `board_lead` ENABLE KEYS */;
UNLOCK TABLES;

--
-- Table structure for table `board_link`
--

DROP TABLE IF EXISTS `board_link`;
/*!40101 SET @saved_cs_client     = @@character_set_client */;
/*!40101 SET character_set_client = utf8mb4 */;
CREATE TABLE `board_link` (
  `layout_id` bigint(20) NOT NULL,
  `motor_id` bigint(20) NOT NULL,
  `stud_a` varchar(6) NOT NULL,
  `stud_b` varchar(6) NOT NULL,
  PRIMARY KEY (`layout_id`,`stud_a`,`stud_b`),
  KEY `layout_id` (`layout_id`,`motor_id`),
  KEY `motor_id` (`motor_id`,`stud_a`),
  KEY `motor_id_2` (`motor_id`,`stud_b`),
  CONSTRAINT `board_link_ibfk_1` FOREIGN KEY (`layout_id`, `motor_id`) REFERENCES `board_layout` (`id`, `motor_id`) ON DELETE CASCADE,
  CONSTRAINT `board_link_ibfk_2` FOREIGN KEY (`motor_id`, `stud_a`) REFERENCES `stud` (`motor_id`, `mark`) ON DELETE CASCADE,
  CONSTRAINT `board_link_ibfk_3` FOREIGN KEY (`motor_id`, `stud_b`) REFERENCES `stud` (`motor_id`, `mark`) ON DELETE CASCADE,
  CONSTRAINT `CONSTRAINT_1` CHECK (`stud_a` <> `stud_b`)
) ENGINE=InnoDB DEFAULT CHARSET=utf8mb4 COLLATE=utf8mb4_bin;
/*!40101 SET character_set_client = @saved_cs_client */;

--
-- Dumping data for table `board_link`
--

LOCK TABLES `board_link` WRITE;
/*!40000 ALTER TABLE `board_link` DISABLE KEYS */;
INSERT INTO `board_link` VALUES
(1,11,'U1','V1'),
(1,11,'U2','V2'),
(2,11,'U1','V1'),
(2,11,'U2','V2'),
(3,11,'U2','V1');
/*!40000 ALTER TABLE `board_link` ENABLE KEYS */;
UNLOCK TABLES;

--
-- Table structure for table `capacitor`
--

DROP TABLE IF EXISTS `capacitor`;
/*!40101 SET @saved_cs_client     = @@character_set_client */;
/*!40101 SET character_set_client = utf8mb4 */;
CREATE TABLE `capacitor` (
  `id` bigint(20) NOT NULL AUTO_INCREMENT,
  `job_id` bigint(20) NOT NULL,
  `name` varchar(40) NOT NULL,
  `microfarads` decimal(8,2) NOT NULL CHECK (`microfarads` > 0),
  `volts` smallint(6) NOT NULL CHECK (`volts` between 24 and 1000),
  `bleed` enum('SEEN','NOT_SEEN') NOT NULL,
  `bleed_ohms` decimal(10,1) DEFAULT NULL CHECK (`bleed_ohms` > 0),
  `off_at` timestamp(3) NULL DEFAULT NULL,
  `listed` tinyint(4) GENERATED ALWAYS AS (if(`off_at` is null,1,NULL)) VIRTUAL,
  PRIMARY KEY (`id`),
  UNIQUE KEY `listed_once` (`job_id`,`name`,`listed`),
  CONSTRAINT `capacitor_ibfk_1` FOREIGN KEY (`job_id`) REFERENCES `job` (`id`) ON DELETE CASCADE
) ENGINE=InnoDB AUTO_INCREMENT=2 DEFAULT CHARSET=utf8mb4 COLLATE=utf8mb4_bin;
/*!40101 SET character_set_client = @saved_cs_client */;

--
-- Dumping data for table `capacitor`
--

LOCK TABLES `capacitor` WRITE;
/*!40000 ALTER TABLE `capacitor` DISABLE KEYS */;
INSERT INTO `capacitor` VALUES
(1,1,'start capacitor',300.00,165,'SEEN',15000.0,NULL,1);
/*!40000 ALTER TABLE `capacitor` ENABLE KEYS */;
UNLOCK TABLES;

--
-- Table structure for table `capacitor_reading`
--

DROP TABLE IF EXISTS `capacitor_reading`;
/*!40101 SET @saved_cs_client     = @@character_set_client */;
/*!40101 SET character_set_client = utf8mb4 */;
CREATE TABLE `capacitor_reading` (
  `id` bigint(20) NOT NULL AUTO_INCREMENT,
  `capacitor_id` bigint(20) NOT NULL,
  `volts` decimal(6,1) NOT NULL CHECK (`volts` >= 0),
  `how` varchar(80) NOT NULL,
  `at` timestamp(3) NOT NULL,
  `person_id` bigint(20) NOT NULL,
  PRIMARY KEY (`id`),
  KEY `capacitor_id` (`capacitor_id`),
  KEY `person_id` (`person_id`),
  CONSTRAINT `capacitor_reading_ibfk_1` FOREIGN KEY (`capacitor_id`) REFERENCES `capacitor` (`id`) ON DELETE CASCADE,
  CONSTRAINT `capacitor_reading_ibfk_2` FOREIGN KEY (`person_id`) REFERENCES `person` (`id`)
) ENGINE=InnoDB AUTO_INCREMENT=2 DEFAULT CHARSET=utf8mb4 COLLATE=utf8mb4_bin;
/*!40101 SET character_set_client = @saved_cs_client */;

--
-- Dumping data for table `capacitor_reading`
--

LOCK TABLES `capacitor_reading` WRITE;
/*!40000 ALTER TABLE `capacitor_reading` DISABLE KEYS */;
INSERT INTO `capacitor_reading` VALUES
(1,1,0.4,'a bleeding resistor','2026-11-30 08:02:41.935',1);
/*!40000 ALTER TABLE `capacitor_reading` ENABLE KEYS */;
UNLOCK TABLES;

--
-- Table structure for table `check_entry`
--

DROP TABLE IF EXISTS `check_entry`;
/*!40101 SET @saved_cs_client     = @@character_set_client */;
/*!40101 SET character_set_client = utf8mb4 */;
CREATE TABLE `check_entry` (
  `id` bigint(20) NOT NULL AUTO_INCREMENT,
  `job_id` bigint(20) NOT NULL,
  `plan_id` bigint(20) DEFAULT NULL,
  `kind` enum('OHMS','CAPACITOR','MENDED','READY','LIVE') NOT NULL,
  `about` varchar(200) NOT NULL,
  `point_a` varchar(60) DEFAULT NULL,
  `point_b` varchar(60) DEFAULT NULL,
  `setting` varchar(40) DEFAULT NULL,
  `held_open` tinyint(1) NOT NULL DEFAULT 0,
  `shown` double DEFAULT NULL,
  `unit` enum('OHMS','MICROFARADS','SWINGS') DEFAULT NULL,
  `turn` enum('CLOCKWISE','COUNTER_CLOCKWISE','HUMS','NOTHING','TRIPS') DEFAULT NULL,
  `zero_ohms` double NOT NULL DEFAULT 0,
  `celsius` double NOT NULL DEFAULT 20,
  `simulated` tinyint(1) NOT NULL DEFAULT 0,
  `at` timestamp(3) NOT NULL,
  `person_id` bigint(20) NOT NULL,
  PRIMARY KEY (`id`),
  KEY `job_id` (`job_id`,`id`),
  KEY `plan_id` (`plan_id`),
  KEY `person_id` (`person_id`),
  CONSTRAINT `check_entry_ibfk_1` FOREIGN KEY (`job_id`) REFERENCES `job` (`id`) ON DELETE CASCADE,
  CONSTRAINT `check_entry_ibfk_2` FOREIGN KEY (`plan_id`) REFERENCES `plan` (`id`),
  CONSTRAINT `check_entry_ibfk_3` FOREIGN KEY (`person_id`) REFERENCES `person` (`id`),
  CONSTRAINT `CONSTRAINT_1` CHECK (`kind` <> 'OHMS' or `point_a` is not null and `point_b` is not null and `setting` is not null)
) ENGINE=InnoDB DEFAULT CHARSET=utf8mb4 COLLATE=utf8mb4_bin;
/*!40101 SET character_set_client = @saved_cs_client */;

--
-- Dumping data for table `check_entry`
--

LOCK TABLES `check_entry` WRITE;
/*!40000 ALTER TABLE `check_entry` DISABLE KEYS */;
/*!40000 ALTER TABLE `check_entry` ENABLE KEYS */;
UNLOCK TABLES;

--
-- Table structure for table `connection`
--

DROP TABLE IF EXISTS `connection`;
/*!40101 SET @saved_cs_client     = @@character_set_client */;
/*!40101 SET character_set_client = utf8mb4 */;
CREATE TABLE `connection` (
  `id` bigint(20) NOT NULL AUTO_INCREMENT,
  `motor_id` bigint(20) NOT NULL,
  `volts` smallint(6) NOT NULL CHECK (`volts` between 24 and 600),
  `rotation` enum('NOT_STATED','CLOCKWISE','COUNTER_CLOCKWISE') NOT NULL,
  `seen_from` enum('SHAFT_END','OPPOSITE_END') NOT NULL,
  `swap_first` bigint(20) DEFAULT NULL,
  `swap_second` bigint(20) DEFAULT NULL,
  `rebuilt` tinyint(1) NOT NULL DEFAULT 0,
  PRIMARY KEY (`id`),
  UNIQUE KEY `motor_id` (`motor_id`,`volts`),
  UNIQUE KEY `id` (`id`,`motor_id`),
  KEY `swap_first` (`swap_first`,`motor_id`),
  KEY `swap_second` (`swap_second`,`motor_id`),
  CONSTRAINT `connection_ibfk_1` FOREIGN KEY (`motor_id`) REFERENCES `motor` (`id`) ON DELETE CASCADE,
  CONSTRAINT `connection_ibfk_2` FOREIGN KEY (`swap_first`, `motor_id`) REFERENCES `lead_wire` (`id`, `motor_id`) ON DELETE CASCADE,
  CONSTRAINT `connection_ibfk_3` FOREIGN KEY (`swap_second`, `motor_id`) REFERENCES `lead_wire` (`id`, `motor_id`) ON DELETE CASCADE,
  CONSTRAINT `CONSTRAINT_1` CHECK (`swap_first` <> `swap_second`)
) ENGINE=InnoDB AUTO_INCREMENT=9 DEFAULT CHARSET=utf8mb4 COLLATE=utf8mb4_bin;
/*!40101 SET character_set_client = @saved_cs_client */;

--
-- Dumping data for table `connection`
--

LOCK TABLES `connection` WRITE;
/*!40000 ALTER TABLE `connection` DISABLE KEYS */;
INSERT INTO `connection` VALUES
(1,1,230,'COUNTER_CLOCKWISE','OPPOSITE_END',5,6,0),
(2,2,115,'CLOCKWISE','OPPOSITE_END',9,10,0),
(3,3,230,'COUNTER_CLOCKWISE','OPPOSITE_END',15,16,0),
(4,4,115,'COUNTER_CLOCKWISE','OPPOSITE_END',19,20,0),
(5,6,230,'COUNTER_CLOCKWISE','OPPOSITE_END',27,28,0),
(6,11,230,'CLOCKWISE','SHAFT_END',33,34,0),
(7,12,115,'NOT_STATED','OPPOSITE_END',NULL,NULL,0),
(8,1,115,'COUNTER_CLOCKWISE','OPPOSITE_END',5,6,1);
/*!40000 ALTER TABLE `connection` ENABLE KEYS */;
UNLOCK TABLES;

--
-- Table structure for table `connection_lead`
--

DROP TABLE IF EXISTS `connection_lead`;
/*!40101 SET @saved_cs_client     = @@character_set_client */;
/*!40101 SET character_set_client = utf8mb4 */;
CREATE TABLE `connection_lead` (
  `connection_id` bigint(20) NOT NULL,
  `motor_id` bigint(20) NOT NULL,
  `lead_id` bigint(20) NOT NULL,
  `group_number` tinyint(4) NOT NULL CHECK (`group_number` between 1 and 20),
  PRIMARY KEY (`connection_id`,`lead_id`),
  KEY `connection_id` (`connection_id`,`motor_id`),
  KEY `lead_id` (`lead_id`,`motor_id`),
  CONSTRAINT `connection_lead_ibfk_1` FOREIGN KEY (`connection_id`, `motor_id`) REFERENCES `connection` (`id`, `motor_id`) ON DELETE CASCADE,
  CONSTRAINT `connection_lead_ibfk_2` FOREIGN KEY (`lead_id`, `motor_id`) REFERENCES `lead_wire` (`id`, `motor_id`) ON DELETE CASCADE
) ENGINE=InnoDB DEFAULT CHARSET=utf8mb4 COLLATE=utf8mb4_bin;
/*!40101 SET character_set_client = @saved_cs_client */;

--
-- Dumping data for table `connection_lead`
--

LOCK TABLES `connection_lead` WRITE;
/*!40000 ALTER TABLE `connection_lead` DISABLE KEYS */;
INSERT INTO `connection_lead` VALUES
(1,1,1,1),
(1,1,2,3),
(1,1,3,3),
(1,1,4,2),
(1,1,5,3),
(1,1,6,2),
(2,2,7,1),
(2,2,8,2),
(2,2,9,1),
(2,2,10,2),
(3,3,11,1),
(3,3,12,3),
(3,3,13,3),
(3,3,14,2),
(3,3,15,3),
(3,3,16,2),
(4,4,17,1),
(4,4,18,2),
(4,4,19,1),
(4,4,20,2),
(5,6,21,1),
(5,6,22,3),
(5,6,23,3),
(5,6,24,4),
(5,6,25,4),
(5,6,26,2),
(5,6,27,4),
(5,6,28,2),
(6,11,29,1),
(6,11,30,3),
(6,11,31,3),
(6,11,32,2),
(6,11,33,3),
(6,11,34,2),
(7,12,35,1),
(7,12,36,2),
(7,12,37,1),
(7,12,38,2),
(8,1,1,1),
(8,1,2,2),
(8,1,3,1),
(8,1,4,2),
(8,1,5,1),
(8,1,6,2);
/*!40000 ALTER TABLE `connection_lead` ENABLE KEYS */;
UNLOCK TABLES;

--
-- Table structure for table `control_circuit`
--

DROP TABLE IF EXISTS `control_circuit`;
/*!40101 SET @saved_cs_client     = @@character_set_client */;
/*!40101 SET character_set_client = utf8mb4 */;
CREATE TABLE `control_circuit` (
  `job_id` bigint(20) NOT NULL,
  `ladder` text NOT NULL,
  `restart` tinyint(1) NOT NULL,
  `standstill_first` tinyint(1) NOT NULL,
  `wishes` varchar(400) NOT NULL DEFAULT '',
  PRIMARY KEY (`job_id`),
  CONSTRAINT `control_circuit_ibfk_1` FOREIGN KEY (`job_id`) REFERENCES `job` (`id`) ON DELETE CASCADE
) ENGINE=InnoDB DEFAULT CHARSET=utf8mb4 COLLATE=utf8mb4_bin;
/*!40101 SET character_set_client = @saved_cs_client */;

--
-- Dumping data for table `control_circuit`
--

LOCK TABLES `control_circuit` WRITE;
/*!40000 ALTER TABLE `control_circuit` DISABLE KEYS */;
INSERT INTO `control_circuit` VALUES
(3,'supply 24 V transformer grounded\nS9 emergency stop\nS0 stop\nF2 overload\nS1 button forward\nS2 button reverse\nK1 contactor forward\nK2 contactor reverse\nK3 timer 5 s\nH1 lamp\nH2 lamp\nH3 lamp\nmirror contacts\nmechanical interlock\nshared: S9 nc - S0 nc - F2 nc\nK1: (K1 no or S1 no - K3 no) - S2 nc - K2 nc\nK2: (K2 no or S2 no - K3 no) - S1 nc - K1 nc\nK3 direct: K1 nc - K2 nc\nH1 direct: K1 no\nH2 direct: K2 no\nH3 direct: F2 no\n',0,1,'BUTTON_INTERLOCK=yes EMERGENCY_STOP=yes LAMPS=yes MECHANICAL_INTERLOCK=yes MIRROR_CONTACTS=yes before=TIMER source=TRANSFORMER start=BUTTONS volts=24 wait=5');
/*!40000 ALTER TABLE `control_circuit` ENABLE KEYS */;
UNLOCK TABLES;

--
-- Table structure for table `control_wire_made`
--

DROP TABLE IF EXISTS `control_wire_made`;
/*!40101 SET @saved_cs_client     = @@character_set_client */;
/*!40101 SET character_set_client = utf8mb4 */;
CREATE TABLE `control_wire_made` (
  `job_id` bigint(20) NOT NULL,
  `from_terminal` varchar(20) NOT NULL,
  `to_terminal` varchar(20) NOT NULL,
  `made_at` timestamp(3) NOT NULL,
  `made_by` bigint(20) NOT NULL,
  PRIMARY KEY (`job_id`,`from_terminal`,`to_terminal`),
  KEY `made_by` (`made_by`),
  CONSTRAINT `control_wire_made_ibfk_1` FOREIGN KEY (`job_id`) REFERENCES `job` (`id`) ON DELETE CASCADE,
  CONSTRAINT `control_wire_made_ibfk_2` FOREIGN KEY (`made_by`) REFERENCES `person` (`id`)
) ENGINE=InnoDB DEFAULT CHARSET=utf8mb4 COLLATE=utf8mb4_bin;
/*!40101 SET character_set_client = @saved_cs_client */;

--
-- Dumping data for table `control_wire_made`
--

LOCK TABLES `control_wire_made` WRITE;
/*!40000 ALTER TABLE `control_wire_made` DISABLE KEYS */;
INSERT INTO `control_wire_made` VALUES
(3,'S9.12','S0.21','2026-11-30 15:28:00.000',1);
/*!40000 ALTER TABLE `control_wire_made` ENABLE KEYS */;
UNLOCK TABLES;

--
-- Table structure for table `dead_reading`
--

DROP TABLE IF EXISTS `dead_reading`;
/*!40101 SET @saved_cs_client     = @@character_set_client */;
/*!40101 SET character_set_client = utf8mb4 */;
CREATE TABLE `dead_reading` (
  `id` bigint(20) NOT NULL AUTO_INCREMENT,
  `job_id` bigint(20) NOT NULL,
  `part` enum('AHEAD','CONTROL') NOT NULL,
  `about` varchar(200) NOT NULL,
  `shows` enum('OPEN','LOAD','JOINED') DEFAULT NULL,
  `at` timestamp(3) NOT NULL,
  `person_id` bigint(20) NOT NULL,
  PRIMARY KEY (`id`),
  KEY `job_id` (`job_id`,`part`,`id`),
  KEY `person_id` (`person_id`),
  CONSTRAINT `dead_reading_ibfk_1` FOREIGN KEY (`job_id`) REFERENCES `job` (`id`) ON DELETE CASCADE,
  CONSTRAINT `dead_reading_ibfk_2` FOREIGN KEY (`person_id`) REFERENCES `person` (`id`),
  CONSTRAINT `CONSTRAINT_1` CHECK (`about` = '' = (`shows` is null))
) ENGINE=InnoDB AUTO_INCREMENT=3 DEFAULT CHARSET=utf8mb4 COLLATE=utf8mb4_bin;
/*!40101 SET character_set_client = @saved_cs_client */;

--
-- Dumping data for table `dead_reading`
--

LOCK TABLES `dead_reading` WRITE;
/*!40000 ALTER TABLE `dead_reading` DISABLE KEYS */;
INSERT INTO `dead_reading` VALUES
(1,3,'CONTROL','',NULL,'2026-11-30 08:02:45.591',1),
(2,9,'AHEAD','',NULL,'2026-11-30 15:27:52.372',1),
(3,9,'AHEAD','K0.1|F2.2|','JOINED','2026-11-30 15:28:52.372',1),
(4,3,'CONTROL','nothing','LOAD','2026-11-30 15:28:53.372',1),
(5,3,'CONTROL','',NULL,'2026-11-30 15:28:54.372',1),
(6,3,'CONTROL','S1','LOAD','2026-11-30 15:28:55.372',1),
(7,3,'CONTROL','S1','OPEN','2026-11-30 15:28:56.372',1);
/*!40000 ALTER TABLE `dead_reading` ENABLE KEYS */;
UNLOCK TABLES;

--
-- Table structure for table `flyway_schema_history`
--

DROP TABLE IF EXISTS `flyway_schema_history`;
/*!40101 SET @saved_cs_client     = @@character_set_client */;
/*!40101 SET character_set_client = utf8mb4 */;
CREATE TABLE `flyway_schema_history` (
  `installed_rank` int(11) NOT NULL,
  `version` varchar(50) DEFAULT NULL,
  `description` varchar(200) NOT NULL,
  `type` varchar(20) NOT NULL,
  `script` varchar(1000) NOT NULL,
  `checksum` int(11) DEFAULT NULL,
  `installed_by` varchar(100) NOT NULL,
  `installed_on` timestamp NOT NULL DEFAULT current_timestamp(),
  `execution_time` int(11) NOT NULL,
  `success` tinyint(1) NOT NULL,
  PRIMARY KEY (`installed_rank`),
  KEY `flyway_schema_history_s_idx` (`success`)
) ENGINE=InnoDB DEFAULT CHARSET=utf8mb4 COLLATE=utf8mb4_unicode_520_ci;
/*!40101 SET character_set_client = @saved_cs_client */;

--
-- Dumping data for table `flyway_schema_history`
--

LOCK TABLES `flyway_schema_history` WRITE;
/*!40000 ALTER TABLE `flyway_schema_history` DISABLE KEYS */;
INSERT INTO `flyway_schema_history` VALUES
(1,'1','lane','SQL','V1__lane.sql',2002307265,'gatepin_owner','2026-11-30 08:02:35',65,1),
(2,'2','engine','SQL','V2__engine.sql',-1741364834,'gatepin_owner','2026-11-30 08:02:35',27,1),
(3,'3','plate and supply','SQL','V3__plate_and_supply.sql',-1115742331,'gatepin_owner','2026-11-30 08:02:35',23,1),
(4,'4','rebuilt columns','SQL','V4__rebuilt_columns.sql',-1260950997,'gatepin_owner','2026-11-30 08:02:36',10,1),
(5,'5','stud boards','SQL','V5__stud_boards.sql',-542685300,'gatepin_owner','2026-11-30 08:02:36',35,1),
(6,'6','shop outlets','SQL','V6__shop_outlets.sql',820151270,'gatepin_owner','2026-11-30 08:02:36',7,1),
(7,'7','shared leads','SQL','V7__shared_leads.sql',641982386,'gatepin_owner','2026-11-30 08:02:36',11,1),
(8,'8','safe found windings','SQL','V8__safe_found_windings.sql',1462717481,'gatepin_owner','2026-11-30 08:02:36',45,1),
(9,'9','rotation','SQL','V9__rotation.sql',1306956049,'gatepin_owner','2026-11-30 08:02:36',14,1),
(10,'10','switch rating','SQL','V10__switch_rating.sql',1136280382,'gatepin_owner','2026-11-30 08:02:36',21,1),
(11,'11','switch maps','SQL','V11__switch_maps.sql',-1559845436,'gatepin_owner','2026-11-30 08:02:36',30,1),
(12,'12','devices','SQL','V12__devices.sql',225486259,'gatepin_owner','2026-11-30 08:02:36',6,1),
(13,'13','lengths','SQL','V13__lengths.sql',1920722638,'gatepin_owner','2026-11-30 08:02:36',21,1),
(14,'14','acts and sentences','SQL','V14__acts_and_sentences.sql',-310550048,'gatepin_owner','2026-11-30 08:02:36',111,1),
(15,'15','one case rule','SQL','V15__one_case_rule.sql',1513672979,'gatepin_owner','2026-11-30 08:02:36',328,1),
(16,'16','kept history','SQL','V16__kept_history.sql',-503618632,'gatepin_owner','2026-11-30 08:02:36',13,1),
(17,'17','plate gone and photos','SQL','V17__plate_gone_and_photos.sql',917019215,'gatepin_owner','2026-11-30 08:02:37',27,1),
(18,'18','checks','SQL','V18__checks.sql',1215073307,'gatepin_owner','2026-11-30 08:02:37',16,1),
(19,'19','papers','SQL','V19__papers.sql',-1366016865,'gatepin_owner','2026-11-30 08:02:37',19,1),
(20,'20','motor shelf','SQL','V20__motor_shelf.sql',1906681091,'gatepin_owner','2026-11-30 08:02:37',14,1),
(21,'21','control','SQL','V21__control.sql',-1317926933,'gatepin_owner','2026-11-30 08:02:37',11,1),
(22,'22','ahead','SQL','V22__ahead.sql',-1354102467,'gatepin_owner','2026-11-30 08:02:37',8,1),
(23,'23','bench','SQL','V23__bench.sql',1281500646,'gatepin_owner','2026-11-30 08:02:37',9,1),
(24,'24','practice','SQL','V24__practice.sql',-1825258573,'gatepin_owner','2026-11-30 08:02:37',9,1),
(25,'25','shop version','SQL','V25__shop_version.sql',-1109211833,'gatepin_owner','2026-11-30 14:37:10',12,1),
(26,'26','gate of a log line','SQL','V26__gate_of_a_log_line.sql',-121959233,'gatepin_owner','2026-11-30 14:37:11',18,1),
(27,'27','no interchange','SQL','V27__no_interchange.sql',630573125,'gatepin_owner','2026-11-30 15:26:54',28,1),
(28,'28','plate as read','SQL','V28__plate_as_read.sql',-581250447,'gatepin_owner','2026-11-30 16:23:55',56,1),
(29,'29','parts','SQL','V29__parts.sql',739641278,'gatepin_owner','2026-11-30 19:41:45',77,1);
/*!40000 ALTER TABLE `flyway_schema_history` ENABLE KEYS */;
UNLOCK TABLES;

--
-- Table structure for table `found_photo`
--

DROP TABLE IF EXISTS `found_photo`;
/*!40101 SET @saved_cs_client     = @@character_set_client */;
/*!40101 SET character_set_client = utf8mb4 */;
CREATE TABLE `found_photo` (
  `id` bigint(20) NOT NULL AUTO_INCREMENT,
  `job_id` bigint(20) NOT NULL,
  `width` int(11) NOT NULL CHECK (`width` > 0),
  `height` int(11) NOT NULL CHECK (`height` > 0),
  `jpeg` mediumblob NOT NULL,
  `added_at` timestamp(3) NOT NULL,
  PRIMARY KEY (`id`),
  UNIQUE KEY `id` (`id`,`job_id`),
  KEY `job_id` (`job_id`),
  CONSTRAINT `found_photo_ibfk_1` FOREIGN KEY (`job_id`) REFERENCES `job` (`id`) ON DELETE CASCADE
) ENGINE=InnoDB DEFAULT CHARSET=utf8mb4 COLLATE=utf8mb4_bin;
/*!40101 SET character_set_client = @saved_cs_client */;

--
-- Dumping data for table `found_photo`
--

LOCK TABLES `found_photo` WRITE;
/*!40000 ALTER TABLE `found_photo` DISABLE KEYS */;
/*!40000 ALTER TABLE `found_photo` ENABLE KEYS */;
UNLOCK TABLES;

--
-- Table structure for table `hidden_fault`
--

DROP TABLE IF EXISTS `hidden_fault`;
/*!40101 SET @saved_cs_client     = @@character_set_client */;
/*!40101 SET character_set_client = utf8mb4 */;
CREATE TABLE `hidden_fault` (
  `job_id` bigint(20) NOT NULL,
  `fault` varchar(200) NOT NULL,
  PRIMARY KEY (`job_id`),
  CONSTRAINT `hidden_fault_ibfk_1` FOREIGN KEY (`job_id`) REFERENCES `job` (`id`) ON DELETE CASCADE
) ENGINE=InnoDB DEFAULT CHARSET=utf8mb4 COLLATE=utf8mb4_bin;
/*!40101 SET character_set_client = @saved_cs_client */;

--
-- Dumping data for table `hidden_fault`
--

LOCK TABLES `hidden_fault` WRITE;
/*!40000 ALTER TABLE `hidden_fault` DISABLE KEYS */;
INSERT INTO `hidden_fault` VALUES
(1,''),
(2,''),
(3,''),
(4,''),
(5,''),
(6,'inner-closed-start switch'),
(7,''),
(8,'');
/*!40000 ALTER TABLE `hidden_fault` ENABLE KEYS */;
UNLOCK TABLES;

--
-- Table structure for table `hidden_switch`
--

DROP TABLE IF EXISTS `hidden_switch`;
/*!40101 SET @saved_cs_client     = @@character_set_client */;
/*!40101 SET character_set_client = utf8mb4 */;
CREATE TABLE `hidden_switch` (
  `job_id` bigint(20) NOT NULL,
  `position` enum('FORWARD','OFF','REVERSE') NOT NULL,
  `contacts` varchar(200) NOT NULL,
  `worn` varchar(120) NOT NULL,
  PRIMARY KEY (`job_id`,`position`),
  CONSTRAINT `hidden_switch_ibfk_1` FOREIGN KEY (`job_id`) REFERENCES `job` (`id`) ON DELETE CASCADE
) ENGINE=InnoDB DEFAULT CHARSET=utf8mb4 COLLATE=utf8mb4_bin;
/*!40101 SET character_set_client = @saved_cs_client */;

--
-- Dumping data for table `hidden_switch`
--

LOCK TABLES `hidden_switch` WRITE;
/*!40000 ALTER TABLE `hidden_switch` DISABLE KEYS */;
INSERT INTO `hidden_switch` VALUES
(4,'FORWARD','1-7 3-9 5-11 6-12',''),
(4,'REVERSE','2-8 4-10 5-11 6-12','');
/*!40000 ALTER TABLE `hidden_switch` ENABLE KEYS */;
UNLOCK TABLES;

--
-- Table structure for table `hidden_way`
--

DROP TABLE IF EXISTS `hidden_way`;
/*!40101 SET @saved_cs_client     = @@character_set_client */;
/*!40101 SET character_set_client = utf8mb4 */;
CREATE TABLE `hidden_way` (
  `id` bigint(20) NOT NULL AUTO_INCREMENT,
  `motor_id` bigint(20) NOT NULL,
  `point_a` varchar(16) NOT NULL,
  `point_b` varchar(16) NOT NULL,
  `ohms` double NOT NULL CHECK (`ohms` > 0),
  `behind_start_switch` tinyint(1) NOT NULL,
  PRIMARY KEY (`id`),
  KEY `motor_id` (`motor_id`),
  CONSTRAINT `hidden_way_ibfk_1` FOREIGN KEY (`motor_id`) REFERENCES `motor` (`id`) ON DELETE CASCADE
) ENGINE=InnoDB AUTO_INCREMENT=4 DEFAULT CHARSET=utf8mb4 COLLATE=utf8mb4_bin;
/*!40101 SET character_set_client = @saved_cs_client */;

--
-- Dumping data for table `hidden_way`
--

LOCK TABLES `hidden_way` WRITE;
/*!40000 ALTER TABLE `hidden_way` DISABLE KEYS */;
INSERT INTO `hidden_way` VALUES
(1,5,'1','4',2.9,0),
(2,5,'2','5',2.93,0),
(3,5,'5','3',4.6,0);
/*!40000 ALTER TABLE `hidden_way` ENABLE KEYS */;
UNLOCK TABLES;

--
-- Table structure for table `isolator`
--

DROP TABLE IF EXISTS `isolator`;
/*!40101 SET @saved_cs_client     = @@character_set_client */;
/*!40101 SET character_set_client = utf8mb4 */;
CREATE TABLE `isolator` (
  `job_id` bigint(20) NOT NULL,
  `name` varchar(60) NOT NULL,
  PRIMARY KEY (`job_id`),
  CONSTRAINT `isolator_ibfk_1` FOREIGN KEY (`job_id`) REFERENCES `job` (`id`) ON DELETE CASCADE
) ENGINE=InnoDB DEFAULT CHARSET=utf8mb4 COLLATE=utf8mb4_bin;
/*!40101 SET character_set_client = @saved_cs_client */;

--
-- Dumping data for table `isolator`
--

LOCK TABLES `isolator` WRITE;
/*!40000 ALTER TABLE `isolator` DISABLE KEYS */;
/*!40000 ALTER TABLE `isolator` ENABLE KEYS */;
UNLOCK TABLES;

--
-- Table structure for table `job`
--

DROP TABLE IF EXISTS `job`;
/*!40101 SET @saved_cs_client     = @@character_set_client */;
/*!40101 SET character_set_client = utf8mb4 */;
CREATE TABLE `job` (
  `id` bigint(20) NOT NULL AUTO_INCREMENT,
  `shop_id` bigint(20) NOT NULL,
  `machine_id` bigint(20) NOT NULL,
  `volts` smallint(6) DEFAULT NULL CHECK (`volts` between 24 and 600),
  `supply_kind` enum('TWO_HOT','HOT_AND_NEUTRAL') NOT NULL,
  `switch_id` bigint(20) DEFAULT NULL,
  `plan_id` bigint(20) DEFAULT NULL,
  `switch_rating` varchar(120) NOT NULL DEFAULT '',
  `revision` int(11) NOT NULL DEFAULT 0,
  `touched_at` timestamp(3) NOT NULL DEFAULT current_timestamp(3),
  `waits` text DEFAULT NULL CHECK (json_valid(`waits`)),
  PRIMARY KEY (`id`),
  UNIQUE KEY `machine_id` (`machine_id`),
  UNIQUE KEY `id` (`id`,`shop_id`),
  KEY `machine_id_2` (`machine_id`,`shop_id`),
  KEY `switch_id` (`switch_id`,`shop_id`),
  KEY `plan_id` (`plan_id`,`id`),
  KEY `job_touched` (`touched_at`),
  CONSTRAINT `job_ibfk_1` FOREIGN KEY (`machine_id`, `shop_id`) REFERENCES `machine` (`id`, `shop_id`),
  CONSTRAINT `job_ibfk_2` FOREIGN KEY (`switch_id`, `shop_id`) REFERENCES `switch_device` (`id`, `shop_id`),
  CONSTRAINT `job_ibfk_3` FOREIGN KEY (`plan_id`, `id`) REFERENCES `plan` (`id`, `job_id`)
) ENGINE=InnoDB AUTO_INCREMENT=11 DEFAULT CHARSET=utf8mb4 COLLATE=utf8mb4_bin;
/*!40101 SET character_set_client = @saved_cs_client */;

--
-- Dumping data for table `job`
--

LOCK TABLES `job` WRITE;
/*!40000 ALTER TABLE `job` DISABLE KEYS */;
INSERT INTO `job` VALUES
(1,1,1,230,'TWO_HOT',1,NULL,'1 HP 120 V, 2 HP 240 V',29,'2026-11-30 22:13:30.000','{\"key\":\"waits.lack\",\"args\":[\"Switch\",{\"key\":\"lack.plan\",\"args\":[]}]}'),
(2,1,2,115,'HOT_AND_NEUTRAL',NULL,NULL,'',17,'2026-11-30 22:12:56.688','{\"key\":\"waits.lack\",\"args\":[\"Switch\",{\"key\":\"lack.switch\",\"args\":[]}]}'),
(3,1,3,230,'TWO_HOT',16,NULL,'3 HP 230 V',18,'2026-11-30 08:02:45.594','{\"key\":\"waits.lack\",\"args\":[\"Switch\",{\"key\":\"lack.plan\",\"args\":[]}]}'),
(4,1,4,115,'HOT_AND_NEUTRAL',NULL,NULL,'',17,'2026-11-30 08:02:46.256','{\"key\":\"waits.lack\",\"args\":[\"Switch\",{\"key\":\"lack.switch\",\"args\":[]}]}'),
(5,1,5,NULL,'HOT_AND_NEUTRAL',NULL,NULL,'',10,'2026-11-30 22:12:55.782','{\"key\":\"waits.lack\",\"args\":[\"Windings\",{\"key\":\"lack.windings.probe\",\"args\":[\"1\",\"2\"]}]}'),
(6,1,6,230,'TWO_HOT',NULL,NULL,'',16,'2026-11-30 08:02:47.212','{\"key\":\"waits.lack\",\"args\":[\"Switch\",{\"key\":\"lack.switch\",\"args\":[]}]}'),
(7,1,7,NULL,'HOT_AND_NEUTRAL',NULL,NULL,'',9,'2026-11-30 22:13:30.891','{\"key\":\"waits.lack\",\"args\":[\"Plate\",{\"key\":\"lack.plate.obstacle\",\"args\":[{\"key\":\"obstacle.threePhase\",\"args\":[]}]}]}'),
(8,2,8,230,'HOT_AND_NEUTRAL',NULL,NULL,'',13,'2026-11-30 08:02:48.231','{\"key\":\"waits.lack\",\"args\":[\"Supply\",{\"key\":\"lack.supply\",\"args\":[]}]}'),
(9,1,9,115,'HOT_AND_NEUTRAL',36,1,'',18,'2026-11-30 15:27:52.447','{\"key\":\"waits.lack\",\"args\":[\"Wire\",{\"key\":\"lack.wires\",\"args\":[9]}]}'),
(10,1,10,NULL,'HOT_AND_NEUTRAL',NULL,NULL,'',3,'2026-11-30 16:24:18.960','{\"key\":\"waits.lack\",\"args\":[\"As found\",{\"key\":\"lack.found\",\"args\":[]}]}');
/*!40000 ALTER TABLE `job` ENABLE KEYS */;
UNLOCK TABLES;

--
-- Table structure for table `job_part`
--

DROP TABLE IF EXISTS `job_part`;
/*!40101 SET @saved_cs_client     = @@character_set_client */;
/*!40101 SET character_set_client = utf8mb4 */;
CREATE TABLE `job_part` (
  `job_id` bigint(20) NOT NULL,
  `part` varchar(40) NOT NULL,
  `json` mediumtext NOT NULL CHECK (json_valid(`json`)),
  PRIMARY KEY (`job_id`,`part`),
  CONSTRAINT `job_part_ibfk_1` FOREIGN KEY (`job_id`) REFERENCES `job` (`id`) ON DELETE CASCADE
) ENGINE=InnoDB DEFAULT CHARSET=utf8mb4 COLLATE=utf8mb4_bin;
/*!40101 SET character_set_client = @saved_cs_client */;

--
-- Dumping data for table `job_part`
--

LOCK TABLES `job_part` WRITE;
/*!40000 ALTER TABLE `job_part` DISABLE KEYS */;
INSERT INTO `job_part` VALUES
(1,'found','{\"nothingConnected\":false,\"wires\":[{\"number\":1,\"mark\":\"T1\",\"colour\":\"blue\",\"bands\":0,\"oneEnd\":\"motor.T1\",\"otherEnd\":\"S1.5\",\"aside\":\"\"},{\"number\":2,\"mark\":\"\",\"colour\":\"black\",\"bands\":0,\"oneEnd\":\"S1.6\",\"otherEnd\":\"supply.L1\",\"aside\":\"\"},{\"number\":3,\"mark\":\"T5\",\"colour\":\"black\",\"bands\":0,\"oneEnd\":\"motor.T5\",\"otherEnd\":\"S1.1\",\"aside\":\"\"},{\"number\":4,\"mark\":\"T8\",\"colour\":\"red\",\"bands\":0,\"oneEnd\":\"motor.T8\",\"otherEnd\":\"S1.4\",\"aside\":\"\"},{\"number\":5,\"mark\":\"T2\",\"colour\":\"white\",\"bands\":0,\"oneEnd\":\"motor.T2\",\"otherEnd\":\"splice.nut a\",\"aside\":\"\"},{\"number\":6,\"mark\":\"T3\",\"colour\":\"orange\",\"bands\":0,\"oneEnd\":\"motor.T3\",\"otherEnd\":\"splice.nut a\",\"aside\":\"\"},{\"number\":7,\"mark\":\"\",\"colour\":\"white\",\"bands\":0,\"oneEnd\":\"splice.nut a\",\"otherEnd\":\"S1.3\",\"aside\":\"\"},{\"number\":8,\"mark\":\"T4\",\"colour\":\"yellow\",\"bands\":0,\"oneEnd\":\"motor.T4\",\"otherEnd\":\"S1.2\",\"aside\":\"\"},{\"number\":9,\"mark\":\"\",\"colour\":\"red\",\"bands\":0,\"oneEnd\":\"S1.2\",\"otherEnd\":\"supply.L2\",\"aside\":\"\"},{\"number\":10,\"mark\":\"\",\"colour\":\"green\",\"bands\":0,\"oneEnd\":\"motor.G\",\"otherEnd\":\"supply.G\",\"aside\":\"\"},{\"number\":11,\"mark\":\"\",\"colour\":\"grey\",\"bands\":0,\"oneEnd\":\"splice.lamp\",\"otherEnd\":\"S1.2\",\"aside\":\"work lamp over the hopper\"}]}'),
(1,'rotation','{\"machine\":{\"tool\":\"CRUSHER\",\"ways\":{\"work\":\"FORWARD\",\"back\":\"REVERSE\"}},\"motion\":\"SEEN\",\"tool\":\"CLOCKWISE\",\"train\":{\"stages\":[{\"kind\":\"BELT\",\"driver\":63,\"driven\":200,\"turned\":false}],\"shaftPointsLikeTool\":true},\"bothWays\":true,\"hazards\":[],\"secured\":false,\"coastSeconds\":4.0,\"momentary\":false}'),
(1,'run','{\"metres\":18.288,\"presentPlug\":\"NEMA 6-15\"}'),
(2,'found','{\"nothingConnected\":true,\"wires\":[]}'),
(2,'rotation','{\"machine\":{\"tool\":\"OTHER\",\"ways\":{\"work\":\"FORWARD\",\"back\":\"REVERSE\"}},\"motion\":\"SEEN\",\"tool\":\"CLOCKWISE\",\"train\":{\"stages\":[{\"kind\":\"GEAR_PAIR\",\"driver\":1,\"driven\":2,\"turned\":false}],\"shaftPointsLikeTool\":true},\"bothWays\":true,\"hazards\":[],\"secured\":false,\"coastSeconds\":3.0,\"momentary\":false}'),
(2,'run','{\"metres\":6.096,\"presentPlug\":\"NEMA 5-15\"}'),
(3,'found','{\"nothingConnected\":true,\"wires\":[]}'),
(3,'rotation','{\"machine\":{\"tool\":\"OTHER\",\"ways\":{\"work\":\"FORWARD\",\"back\":\"REVERSE\"}},\"motion\":\"SEEN\",\"tool\":\"CLOCKWISE\",\"train\":{\"stages\":[{\"kind\":\"BELT\",\"driver\":1,\"driven\":2,\"turned\":false}],\"shaftPointsLikeTool\":true},\"bothWays\":true,\"hazards\":[],\"secured\":false,\"coastSeconds\":3.0,\"momentary\":false}'),
(3,'run','{\"metres\":60.960,\"presentPlug\":\"fixed wiring\"}'),
(4,'found','{\"nothingConnected\":true,\"wires\":[]}'),
(4,'rotation','{\"machine\":{\"tool\":\"DRILL\",\"ways\":{\"work\":\"IN\",\"back\":\"OUT\"}},\"motion\":\"DRILL\",\"tool\":\"CLOCKWISE\",\"train\":{\"stages\":[{\"kind\":\"BELT\",\"driver\":1,\"driven\":2,\"turned\":false}],\"shaftPointsLikeTool\":true},\"bothWays\":true,\"hazards\":[],\"secured\":false,\"coastSeconds\":3.0,\"momentary\":false}'),
(4,'run','{\"metres\":9.144,\"presentPlug\":\"NEMA 5-15\"}'),
(5,'found','{\"nothingConnected\":true,\"wires\":[]}'),
(6,'found','{\"nothingConnected\":true,\"wires\":[]}'),
(6,'rotation','{\"machine\":{\"tool\":\"HOIST\",\"ways\":{\"work\":\"UP\",\"back\":\"DOWN\"}},\"motion\":\"SEEN\",\"tool\":\"CLOCKWISE\",\"train\":{\"stages\":[{\"kind\":\"CHAIN\",\"driver\":1,\"driven\":2,\"turned\":false}],\"shaftPointsLikeTool\":true},\"bothWays\":true,\"hazards\":[],\"secured\":false,\"coastSeconds\":3.0,\"momentary\":true}'),
(6,'run','{\"metres\":21.336,\"presentPlug\":\"fixed wiring\"}'),
(7,'found','{\"nothingConnected\":true,\"wires\":[]}'),
(8,'found','{\"nothingConnected\":true,\"wires\":[]}'),
(9,'found','{\"nothingConnected\":true,\"wires\":[]}'),
(9,'rotation','{\"machine\":{\"tool\":\"DRILL\",\"ways\":{\"work\":\"ON\",\"back\":\"OUT\"}},\"motion\":\"DRILL\",\"tool\":\"COUNTER_CLOCKWISE\",\"train\":{\"stages\":[{\"kind\":\"BELT\",\"driver\":1,\"driven\":1,\"turned\":false}],\"shaftPointsLikeTool\":true},\"bothWays\":false,\"hazards\":[],\"secured\":false,\"coastSeconds\":null,\"momentary\":false}'),
(9,'run','{\"metres\":12.192,\"presentPlug\":\"none\"}');
/*!40000 ALTER TABLE `job_part` ENABLE KEYS */;
UNLOCK TABLES;

--
-- Table structure for table `lead_end`
--

DROP TABLE IF EXISTS `lead_end`;
/*!40101 SET @saved_cs_client     = @@character_set_client */;
/*!40101 SET character_set_client = utf8mb4 */;
CREATE TABLE `lead_end` (
  `lead_id` bigint(20) NOT NULL,
  `motor_id` bigint(20) NOT NULL,
  `circuit` enum('RUN','START','PROTECTOR','CAPACITOR') NOT NULL,
  `winding_number` tinyint(4) NOT NULL CHECK (`winding_number` in (1,2)),
  `like_end` tinyint(1) NOT NULL,
  PRIMARY KEY (`lead_id`,`circuit`,`winding_number`),
  KEY `lead_id` (`lead_id`,`motor_id`),
  CONSTRAINT `lead_end_ibfk_1` FOREIGN KEY (`lead_id`, `motor_id`) REFERENCES `lead_wire` (`id`, `motor_id`) ON DELETE CASCADE
) ENGINE=InnoDB DEFAULT CHARSET=utf8mb4 COLLATE=utf8mb4_bin;
/*!40101 SET character_set_client = @saved_cs_client */;

--
-- Dumping data for table `lead_end`
--

LOCK TABLES `lead_end` WRITE;
/*!40000 ALTER TABLE `lead_end` DISABLE KEYS */;
INSERT INTO `lead_end` VALUES
(1,1,'RUN',1,1),
(2,1,'RUN',1,0),
(3,1,'RUN',2,1),
(4,1,'RUN',2,0),
(5,1,'START',1,1),
(6,1,'START',1,0),
(7,2,'RUN',1,1),
(8,2,'RUN',1,0),
(9,2,'START',1,1),
(10,2,'START',1,0),
(11,3,'RUN',1,1),
(12,3,'RUN',1,0),
(13,3,'RUN',2,1),
(14,3,'RUN',2,0),
(15,3,'START',1,1),
(16,3,'START',1,0),
(17,4,'RUN',1,1),
(18,4,'RUN',1,0),
(19,4,'START',1,1),
(20,4,'START',1,0),
(21,6,'PROTECTOR',1,1),
(22,6,'PROTECTOR',1,0),
(23,6,'RUN',1,1),
(24,6,'RUN',1,0),
(25,6,'RUN',2,1),
(26,6,'RUN',2,0),
(27,6,'START',1,1),
(28,6,'START',1,0),
(29,11,'RUN',1,1),
(30,11,'RUN',1,0),
(31,11,'RUN',2,1),
(32,11,'RUN',2,0),
(33,11,'START',1,1),
(34,11,'START',1,0),
(35,12,'RUN',1,1),
(36,12,'RUN',1,0),
(37,12,'START',1,1),
(38,12,'START',1,0);
/*!40000 ALTER TABLE `lead_end` ENABLE KEYS */;
UNLOCK TABLES;

--
-- Table structure for table `lead_wire`
--

DROP TABLE IF EXISTS `lead_wire`;
/*!40101 SET @saved_cs_client     = @@character_set_client */;
/*!40101 SET character_set_client = utf8mb4 */;
CREATE TABLE `lead_wire` (
  `id` bigint(20) NOT NULL AUTO_INCREMENT,
  `motor_id` bigint(20) NOT NULL,
  `mark` varchar(12) NOT NULL,
  `colour` varchar(30) NOT NULL,
  PRIMARY KEY (`id`),
  UNIQUE KEY `motor_id` (`motor_id`,`mark`),
  UNIQUE KEY `id` (`id`,`motor_id`),
  CONSTRAINT `lead_wire_ibfk_1` FOREIGN KEY (`motor_id`) REFERENCES `motor` (`id`) ON DELETE CASCADE
) ENGINE=InnoDB AUTO_INCREMENT=39 DEFAULT CHARSET=utf8mb4 COLLATE=utf8mb4_bin;
/*!40101 SET character_set_client = @saved_cs_client */;

--
-- Dumping data for table `lead_wire`
--

LOCK TABLES `lead_wire` WRITE;
/*!40000 ALTER TABLE `lead_wire` DISABLE KEYS */;
INSERT INTO `lead_wire` VALUES
(1,1,'T1','a \"blue\" \\ one'),
(2,1,'T2','white'),
(3,1,'T3','orange'),
(4,1,'T4','yellow'),
(5,1,'T5','black'),
(6,1,'T8','red'),
(7,2,'black','black'),
(8,2,'black/yellow','black with yellow'),
(9,2,'blue','blue'),
(10,2,'blue/yellow','blue with yellow'),
(11,3,'T1','blue'),
(12,3,'T2','white'),
(13,3,'T3','orange'),
(14,3,'T4','yellow'),
(15,3,'T5','black'),
(16,3,'T8','red'),
(17,4,'T1','blue'),
(18,4,'T4','yellow'),
(19,4,'T5','black'),
(20,4,'T8','red'),
(21,6,'P1',''),
(22,6,'P2','brown'),
(23,6,'T1','blue'),
(24,6,'T2','white'),
(25,6,'T3','orange'),
(26,6,'T4','yellow'),
(27,6,'T5','black'),
(28,6,'T8','red'),
(29,11,'U1',''),
(30,11,'U2',''),
(31,11,'V1',''),
(32,11,'V2',''),
(33,11,'Z1',''),
(34,11,'Z2',''),
(35,12,'T1',''),
(36,12,'T4',''),
(37,12,'T5',''),
(38,12,'T8','');
/*!40000 ALTER TABLE `lead_wire` ENABLE KEYS */;
UNLOCK TABLES;

--
-- Table structure for table `log_entry`
--

DROP TABLE IF EXISTS `log_entry`;
/*!40101 SET @saved_cs_client     = @@character_set_client */;
/*!40101 SET character_set_client = utf8mb4 */;
CREATE TABLE `log_entry` (
  `id` bigint(20) NOT NULL AUTO_INCREMENT,
  `shop_id` bigint(20) NOT NULL,
  `job_id` bigint(20) NOT NULL,
  `person_id` bigint(20) NOT NULL,
  `at` timestamp(3) NOT NULL,
  `kind` enum('OPENED','SAVED','PULLED','OVERRIDDEN','DROPPED','MADE','UNMADE') NOT NULL,
  `words` text NOT NULL CHECK (json_valid(`words`)),
  `gate` varchar(12) DEFAULT NULL,
  PRIMARY KEY (`id`),
  KEY `job_id` (`job_id`,`id`),
  KEY `job_id_2` (`job_id`,`shop_id`),
  KEY `person_id` (`person_id`),
  CONSTRAINT `log_entry_ibfk_1` FOREIGN KEY (`job_id`, `shop_id`) REFERENCES `job` (`id`, `shop_id`),
  CONSTRAINT `log_entry_ibfk_2` FOREIGN KEY (`person_id`) REFERENCES `person` (`id`)
) ENGINE=InnoDB AUTO_INCREMENT=142 DEFAULT CHARSET=utf8mb4 COLLATE=utf8mb4_bin;
/*!40101 SET character_set_client = @saved_cs_client */;

--
-- Dumping data for table `log_entry`
--

LOCK TABLES `log_entry` WRITE;
/*!40000 ALTER TABLE `log_entry` DISABLE KEYS */;
INSERT INTO `log_entry` VALUES
(1,1,1,1,'2026-11-30 08:02:41.641','OPENED','{\"key\":\"log.opened\",\"args\":[\"Apple scratter\"]}',NULL),
(2,1,1,1,'2026-11-30 08:02:41.891','SAVED','{\"key\":\"log.capacitor\",\"args\":[\"start capacitor\",300,165]}','safe'),
(3,1,1,1,'2026-11-30 08:02:41.941','SAVED','{\"key\":\"log.capacitor.measured\",\"args\":[\"start capacitor\",\"0.4\",\"a bleeding resistor\"]}','safe'),
(4,1,1,1,'2026-11-30 08:02:41.998','SAVED','{\"key\":\"log.safe\",\"args\":[\"unplugged, the plug in sight or in a locked cover\",{\"key\":\"log.safe.note\",\"args\":[\"Plug in my pocket\"]},{\"key\":\"yes\",\"args\":[]},{\"key\":\"yes\",\"args\":[]},{\"key\":\"yes\",\"args\":[]}]}','safe'),
(5,1,1,1,'2026-11-30 08:02:42.038','PULLED','{\"key\":\"log.pulled\",\"args\":[\"Safe\"]}','safe'),
(6,1,1,1,'2026-11-30 08:02:42.124','SAVED','{\"key\":\"log.found\",\"args\":[11]}','found'),
(7,1,1,1,'2026-11-30 08:02:42.165','PULLED','{\"key\":\"log.pulled\",\"args\":[\"As found\"]}','found'),
(8,1,1,1,'2026-11-30 08:02:42.315','SAVED','{\"key\":\"log.plate\",\"args\":[\"3/4 hp\",\"115/230\",60,1725]}','plate'),
(9,1,1,1,'2026-11-30 08:02:42.363','PULLED','{\"key\":\"log.pulled\",\"args\":[\"Plate\"]}','plate'),
(10,1,1,1,'2026-11-30 08:02:42.417','SAVED','{\"key\":\"log.diagram\",\"args\":[{\"key\":\"supply.twoHots\",\"args\":[230]},\"T1\",\"T4 T8\"]}','diagram'),
(11,1,1,1,'2026-11-30 08:02:43.048','PULLED','{\"key\":\"log.pulled\",\"args\":[\"Diagram\"]}','diagram'),
(12,1,1,1,'2026-11-30 08:02:43.113','SAVED','{\"key\":\"log.pad\",\"args\":[[\"T1\",\"T2\",\"T3\",\"T4\",\"T5\",\"T8\"]]}','windings'),
(13,1,1,1,'2026-11-30 08:02:43.175','SAVED','{\"key\":\"log.ohms\",\"args\":[{\"key\":\"own\",\"args\":[\"\"]},\"T1\",\"T2\",\"2.20 Ω\",{\"key\":\"own\",\"args\":[\"\"]}]}','windings'),
(14,1,1,1,'2026-11-30 08:02:43.318','SAVED','{\"key\":\"log.ohms\",\"args\":[{\"key\":\"own\",\"args\":[\"\"]},\"T3\",\"T4\",\"2.30 Ω\",{\"key\":\"own\",\"args\":[\"\"]}]}','windings'),
(15,1,1,1,'2026-11-30 08:02:43.498','SAVED','{\"key\":\"log.ohms\",\"args\":[{\"key\":\"own\",\"args\":[\"\"]},\"T5\",\"T8\",\"3.40 Ω\",{\"key\":\"own\",\"args\":[\"\"]}]}','windings'),
(16,1,1,1,'2026-11-30 08:02:43.645','SAVED','{\"key\":\"log.ohms\",\"args\":[{\"key\":\"own\",\"args\":[\"\"]},\"T1\",\"T3\",\"OL\",{\"key\":\"own\",\"args\":[\"\"]}]}','windings'),
(17,1,1,1,'2026-11-30 08:02:43.703','SAVED','{\"key\":\"log.ohms\",\"args\":[{\"key\":\"own\",\"args\":[\"\"]},\"T1\",\"T5\",\"OL\",{\"key\":\"own\",\"args\":[\"\"]}]}','windings'),
(18,1,1,1,'2026-11-30 08:02:43.748','SAVED','{\"key\":\"log.ohms\",\"args\":[{\"key\":\"own\",\"args\":[\"\"]},\"T3\",\"T5\",\"OL\",{\"key\":\"own\",\"args\":[\"\"]}]}','windings'),
(19,1,1,1,'2026-11-30 08:02:43.826','SAVED','{\"key\":\"log.ohms\",\"args\":[{\"key\":\"own\",\"args\":[\"\"]},\"T1\",\"frame\",\"OL\",{\"key\":\"own\",\"args\":[\"\"]}]}','windings'),
(20,1,1,1,'2026-11-30 08:02:43.895','SAVED','{\"key\":\"log.ohms\",\"args\":[{\"key\":\"own\",\"args\":[\"\"]},\"T3\",\"frame\",\"OL\",{\"key\":\"own\",\"args\":[\"\"]}]}','windings'),
(21,1,1,1,'2026-11-30 08:02:43.931','SAVED','{\"key\":\"log.ohms\",\"args\":[{\"key\":\"own\",\"args\":[\"\"]},\"T5\",\"frame\",\"OL\",{\"key\":\"own\",\"args\":[\"\"]}]}','windings'),
(22,1,1,1,'2026-11-30 08:02:43.970','PULLED','{\"key\":\"log.pulled\",\"args\":[\"Windings\"]}','windings'),
(23,1,1,1,'2026-11-30 08:02:44.015','SAVED','{\"key\":\"log.supply\",\"args\":[{\"key\":\"supply.twoHots\",\"args\":[230]},{\"metres\":18.288},\"NEMA 6-15\"]}','supply'),
(24,1,1,1,'2026-11-30 08:02:44.058','PULLED','{\"key\":\"log.pulled\",\"args\":[\"Supply\"]}','supply'),
(25,1,1,1,'2026-11-30 08:02:44.099','SAVED','{\"key\":\"log.rotation\",\"args\":[\"clockwise\",\"facing the shaft end\",{\"key\":\"rotation.bothWays\",\"args\":[]},{\"key\":\"own\",\"args\":[\"\"]}]}','rotation'),
(26,1,1,1,'2026-11-30 08:02:44.150','PULLED','{\"key\":\"log.pulled\",\"args\":[\"Rotation\"]}','rotation'),
(27,1,2,1,'2026-11-30 08:02:44.173','OPENED','{\"key\":\"log.opened\",\"args\":[\"Honey extractor\"]}',NULL),
(28,1,2,1,'2026-11-30 08:02:44.207','SAVED','{\"key\":\"log.safe\",\"args\":[\"a loose motor, not connected to anything\",{\"key\":\"own\",\"args\":[\"\"]},{\"key\":\"no\",\"args\":[]},{\"key\":\"no\",\"args\":[]},{\"key\":\"no\",\"args\":[]}]}','safe'),
(29,1,2,1,'2026-11-30 08:02:44.250','PULLED','{\"key\":\"log.pulled\",\"args\":[\"Safe\"]}','safe'),
(30,1,2,1,'2026-11-30 08:02:44.295','SAVED','{\"key\":\"log.found.nothing\",\"args\":[]}','found'),
(31,1,2,1,'2026-11-30 08:02:44.343','PULLED','{\"key\":\"log.pulled\",\"args\":[\"As found\"]}','found'),
(32,1,2,1,'2026-11-30 08:02:44.413','SAVED','{\"key\":\"log.plate\",\"args\":[\"1/8 hp\",\"115\",60,1650]}','plate'),
(33,1,2,1,'2026-11-30 08:02:44.441','PULLED','{\"key\":\"log.pulled\",\"args\":[\"Plate\"]}','plate'),
(34,1,2,1,'2026-11-30 08:02:44.474','SAVED','{\"key\":\"log.diagram\",\"args\":[{\"key\":\"supply\",\"args\":[115]},\"black blue\",\"black/yellow blue/yellow\"]}','diagram'),
(35,1,2,1,'2026-11-30 08:02:44.559','PULLED','{\"key\":\"log.pulled\",\"args\":[\"Diagram\"]}','diagram'),
(36,1,2,1,'2026-11-30 08:02:44.593','SAVED','{\"key\":\"log.marksTrusted\",\"args\":[]}','windings'),
(37,1,2,1,'2026-11-30 08:02:44.643','PULLED','{\"key\":\"log.pulled\",\"args\":[\"Windings\"]}','windings'),
(38,1,2,1,'2026-11-30 08:02:44.675','SAVED','{\"key\":\"log.supply\",\"args\":[{\"key\":\"supply\",\"args\":[115]},{\"metres\":6.096},\"NEMA 5-15\"]}','supply'),
(39,1,2,1,'2026-11-30 08:02:44.707','PULLED','{\"key\":\"log.pulled\",\"args\":[\"Supply\"]}','supply'),
(40,1,2,1,'2026-11-30 08:02:44.738','SAVED','{\"key\":\"log.rotation\",\"args\":[\"counter-clockwise\",\"facing the shaft end\",{\"key\":\"rotation.bothWays\",\"args\":[]},{\"key\":\"own\",\"args\":[\"\"]}]}','rotation'),
(41,1,2,1,'2026-11-30 08:02:44.774','PULLED','{\"key\":\"log.pulled\",\"args\":[\"Rotation\"]}','rotation'),
(42,1,3,1,'2026-11-30 08:02:44.798','OPENED','{\"key\":\"log.opened\",\"args\":[\"Seed auger\"]}',NULL),
(43,1,3,1,'2026-11-30 08:02:44.832','SAVED','{\"key\":\"log.safe\",\"args\":[\"a loose motor, not connected to anything\",{\"key\":\"own\",\"args\":[\"\"]},{\"key\":\"no\",\"args\":[]},{\"key\":\"no\",\"args\":[]},{\"key\":\"no\",\"args\":[]}]}','safe'),
(44,1,3,1,'2026-11-30 08:02:44.860','PULLED','{\"key\":\"log.pulled\",\"args\":[\"Safe\"]}','safe'),
(45,1,3,1,'2026-11-30 08:02:44.888','SAVED','{\"key\":\"log.found.nothing\",\"args\":[]}','found'),
(46,1,3,1,'2026-11-30 08:02:44.915','PULLED','{\"key\":\"log.pulled\",\"args\":[\"As found\"]}','found'),
(47,1,3,1,'2026-11-30 08:02:44.983','SAVED','{\"key\":\"log.plate\",\"args\":[\"2 hp\",\"115/230\",60,1740]}','plate'),
(48,1,3,1,'2026-11-30 08:02:45.010','PULLED','{\"key\":\"log.pulled\",\"args\":[\"Plate\"]}','plate'),
(49,1,3,1,'2026-11-30 08:02:45.065','SAVED','{\"key\":\"log.diagram\",\"args\":[{\"key\":\"supply.twoHots\",\"args\":[230]},\"T1\",\"T4 T8\"]}','diagram'),
(50,1,3,1,'2026-11-30 08:02:45.194','PULLED','{\"key\":\"log.pulled\",\"args\":[\"Diagram\"]}','diagram'),
(51,1,3,1,'2026-11-30 08:02:45.232','SAVED','{\"key\":\"log.marksTrusted\",\"args\":[]}','windings'),
(52,1,3,1,'2026-11-30 08:02:45.268','PULLED','{\"key\":\"log.pulled\",\"args\":[\"Windings\"]}','windings'),
(53,1,3,1,'2026-11-30 08:02:45.315','SAVED','{\"key\":\"log.supply\",\"args\":[{\"key\":\"supply.twoHots\",\"args\":[230]},{\"metres\":60.96},\"fixed wiring\"]}','supply'),
(54,1,3,1,'2026-11-30 08:02:45.356','PULLED','{\"key\":\"log.pulled\",\"args\":[\"Supply\"]}','supply'),
(55,1,3,1,'2026-11-30 08:02:45.389','SAVED','{\"key\":\"log.rotation\",\"args\":[\"clockwise\",\"facing the shaft end\",{\"key\":\"rotation.bothWays\",\"args\":[]},{\"key\":\"own\",\"args\":[\"\"]}]}','rotation'),
(56,1,3,1,'2026-11-30 08:02:45.443','PULLED','{\"key\":\"log.pulled\",\"args\":[\"Rotation\"]}','rotation'),
(57,1,3,1,'2026-11-30 08:02:45.495','SAVED','{\"key\":\"log.switch\",\"args\":[\"Two contactors, three poles\"]}','switch'),
(58,1,3,1,'2026-11-30 08:02:45.593','SAVED','{\"key\":\"log.control\",\"args\":[6]}','switch'),
(59,1,4,1,'2026-11-30 08:02:45.639','OPENED','{\"key\":\"log.opened\",\"args\":[\"Tapping drill\"]}',NULL),
(60,1,4,1,'2026-11-30 08:02:45.693','SAVED','{\"key\":\"log.safe\",\"args\":[\"a loose motor, not connected to anything\",{\"key\":\"own\",\"args\":[\"\"]},{\"key\":\"no\",\"args\":[]},{\"key\":\"no\",\"args\":[]},{\"key\":\"no\",\"args\":[]}]}','safe'),
(61,1,4,1,'2026-11-30 08:02:45.731','PULLED','{\"key\":\"log.pulled\",\"args\":[\"Safe\"]}','safe'),
(62,1,4,1,'2026-11-30 08:02:45.758','SAVED','{\"key\":\"log.found.nothing\",\"args\":[]}','found'),
(63,1,4,1,'2026-11-30 08:02:45.786','PULLED','{\"key\":\"log.pulled\",\"args\":[\"As found\"]}','found'),
(64,1,4,1,'2026-11-30 08:02:45.868','SAVED','{\"key\":\"log.plate\",\"args\":[\"1/2 hp\",\"115\",60,1725]}','plate'),
(65,1,4,1,'2026-11-30 08:02:45.896','PULLED','{\"key\":\"log.pulled\",\"args\":[\"Plate\"]}','plate'),
(66,1,4,1,'2026-11-30 08:02:45.939','SAVED','{\"key\":\"log.diagram\",\"args\":[{\"key\":\"supply\",\"args\":[115]},\"T1 T5\",\"T4 T8\"]}','diagram'),
(67,1,4,1,'2026-11-30 08:02:45.995','PULLED','{\"key\":\"log.pulled\",\"args\":[\"Diagram\"]}','diagram'),
(68,1,4,1,'2026-11-30 08:02:46.023','SAVED','{\"key\":\"log.marksTrusted\",\"args\":[]}','windings'),
(69,1,4,1,'2026-11-30 08:02:46.052','PULLED','{\"key\":\"log.pulled\",\"args\":[\"Windings\"]}','windings'),
(70,1,4,1,'2026-11-30 08:02:46.084','SAVED','{\"key\":\"log.supply\",\"args\":[{\"key\":\"supply\",\"args\":[115]},{\"metres\":9.144},\"NEMA 5-15\"]}','supply'),
(71,1,4,1,'2026-11-30 08:02:46.120','PULLED','{\"key\":\"log.pulled\",\"args\":[\"Supply\"]}','supply'),
(72,1,4,1,'2026-11-30 08:02:46.163','SAVED','{\"key\":\"log.rotation\",\"args\":[\"clockwise\",\"facing the shaft end\",{\"key\":\"rotation.bothWays\",\"args\":[]},{\"key\":\"own\",\"args\":[\"\"]}]}','rotation'),
(73,1,4,1,'2026-11-30 08:02:46.200','PULLED','{\"key\":\"log.pulled\",\"args\":[\"Rotation\"]}','rotation'),
(74,1,5,1,'2026-11-30 08:02:46.294','OPENED','{\"key\":\"log.opened\",\"args\":[\"Sorting-belt blower\"]}',NULL),
(75,1,5,1,'2026-11-30 08:02:46.327','SAVED','{\"key\":\"log.safe\",\"args\":[\"a loose motor, not connected to anything\",{\"key\":\"own\",\"args\":[\"\"]},{\"key\":\"no\",\"args\":[]},{\"key\":\"no\",\"args\":[]},{\"key\":\"no\",\"args\":[]}]}','safe'),
(76,1,5,1,'2026-11-30 08:02:46.351','PULLED','{\"key\":\"log.pulled\",\"args\":[\"Safe\"]}','safe'),
(77,1,5,1,'2026-11-30 08:02:46.385','SAVED','{\"key\":\"log.found.nothing\",\"args\":[]}','found'),
(78,1,5,1,'2026-11-30 08:02:46.434','PULLED','{\"key\":\"log.pulled\",\"args\":[\"As found\"]}','found'),
(79,1,5,1,'2026-11-30 08:02:46.512','SAVED','{\"key\":\"log.pad\",\"args\":[[\"1\",\"2\",\"3\",\"4\",\"5\"]]}','windings'),
(80,1,5,1,'2026-11-30 08:02:46.573','SAVED','{\"key\":\"log.traces\",\"args\":[120,\"capacitor start\"]}','plate'),
(81,1,6,1,'2026-11-30 08:02:46.686','OPENED','{\"key\":\"log.opened\",\"args\":[\"Hay-loft winch\"]}',NULL),
(82,1,6,1,'2026-11-30 08:02:46.728','SAVED','{\"key\":\"log.safe\",\"args\":[\"a loose motor, not connected to anything\",{\"key\":\"own\",\"args\":[\"\"]},{\"key\":\"no\",\"args\":[]},{\"key\":\"no\",\"args\":[]},{\"key\":\"no\",\"args\":[]}]}','safe'),
(83,1,6,1,'2026-11-30 08:02:46.755','PULLED','{\"key\":\"log.pulled\",\"args\":[\"Safe\"]}','safe'),
(84,1,6,1,'2026-11-30 08:02:46.788','SAVED','{\"key\":\"log.found.nothing\",\"args\":[]}','found'),
(85,1,6,1,'2026-11-30 08:02:46.817','PULLED','{\"key\":\"log.pulled\",\"args\":[\"As found\"]}','found'),
(86,1,6,1,'2026-11-30 08:02:46.868','SAVED','{\"key\":\"log.plate\",\"args\":[\"1 hp\",\"115/230\",60,1725]}','plate'),
(87,1,6,1,'2026-11-30 08:02:46.898','PULLED','{\"key\":\"log.pulled\",\"args\":[\"Plate\"]}','plate'),
(88,1,6,1,'2026-11-30 08:02:46.945','SAVED','{\"key\":\"log.diagram\",\"args\":[{\"key\":\"supply.twoHots\",\"args\":[230]},\"P1\",\"T4 T8\"]}','diagram'),
(89,1,6,1,'2026-11-30 08:02:47.000','PULLED','{\"key\":\"log.pulled\",\"args\":[\"Diagram\"]}','diagram'),
(90,1,6,1,'2026-11-30 08:02:47.031','SAVED','{\"key\":\"log.marksTrusted\",\"args\":[]}','windings'),
(91,1,6,1,'2026-11-30 08:02:47.076','PULLED','{\"key\":\"log.pulled\",\"args\":[\"Windings\"]}','windings'),
(92,1,6,1,'2026-11-30 08:02:47.107','SAVED','{\"key\":\"log.supply\",\"args\":[{\"key\":\"supply.twoHots\",\"args\":[230]},{\"metres\":21.336},\"fixed wiring\"]}','supply'),
(93,1,6,1,'2026-11-30 08:02:47.142','PULLED','{\"key\":\"log.pulled\",\"args\":[\"Supply\"]}','supply'),
(94,1,6,1,'2026-11-30 08:02:47.178','SAVED','{\"key\":\"log.rotation\",\"args\":[\"clockwise\",\"facing the shaft end\",{\"key\":\"rotation.bothWays\",\"args\":[]},{\"key\":\"own\",\"args\":[\"\"]}]}','rotation'),
(95,1,6,1,'2026-11-30 08:02:47.211','PULLED','{\"key\":\"log.pulled\",\"args\":[\"Rotation\"]}','rotation'),
(96,1,7,1,'2026-11-30 08:02:47.232','OPENED','{\"key\":\"log.opened\",\"args\":[\"Tool grinder\"]}',NULL),
(97,1,7,1,'2026-11-30 08:02:47.265','SAVED','{\"key\":\"log.safe\",\"args\":[\"a loose motor, not connected to anything\",{\"key\":\"own\",\"args\":[\"\"]},{\"key\":\"no\",\"args\":[]},{\"key\":\"no\",\"args\":[]},{\"key\":\"no\",\"args\":[]}]}','safe'),
(98,1,7,1,'2026-11-30 08:02:47.292','PULLED','{\"key\":\"log.pulled\",\"args\":[\"Safe\"]}','safe'),
(99,1,7,1,'2026-11-30 08:02:47.316','SAVED','{\"key\":\"log.found.nothing\",\"args\":[]}','found'),
(100,1,7,1,'2026-11-30 08:02:47.344','PULLED','{\"key\":\"log.pulled\",\"args\":[\"As found\"]}','found'),
(101,1,7,1,'2026-11-30 08:02:47.475','SAVED','{\"key\":\"log.plate\",\"args\":[\"1 hp\",\"230/460\",60,1725]}','plate'),
(102,1,7,1,'2026-11-30 08:02:47.661','SAVED','{\"key\":\"log.exchange.measured\",\"args\":[]}','plate'),
(103,2,8,2,'2026-11-30 08:02:47.810','OPENED','{\"key\":\"log.opened\",\"args\":[\"Potter\'s wheel\"]}',NULL),
(104,2,8,2,'2026-11-30 08:02:47.845','SAVED','{\"key\":\"log.safe\",\"args\":[\"a loose motor, not connected to anything\",{\"key\":\"own\",\"args\":[\"\"]},{\"key\":\"no\",\"args\":[]},{\"key\":\"no\",\"args\":[]},{\"key\":\"no\",\"args\":[]}]}','safe'),
(105,2,8,2,'2026-11-30 08:02:47.878','PULLED','{\"key\":\"log.pulled\",\"args\":[\"Safe\"]}','safe'),
(106,2,8,2,'2026-11-30 08:02:47.902','SAVED','{\"key\":\"log.found.nothing\",\"args\":[]}','found'),
(107,2,8,2,'2026-11-30 08:02:47.938','PULLED','{\"key\":\"log.pulled\",\"args\":[\"As found\"]}','found'),
(108,2,8,2,'2026-11-30 08:02:47.988','SAVED','{\"key\":\"log.plate\",\"args\":[\"0.37 kW\",\"115/230\",50,1420]}','plate'),
(109,2,8,2,'2026-11-30 08:02:48.013','PULLED','{\"key\":\"log.pulled\",\"args\":[\"Plate\"]}','plate'),
(110,2,8,2,'2026-11-30 08:02:48.046','SAVED','{\"key\":\"log.diagram\",\"args\":[{\"key\":\"supply\",\"args\":[230]},\"U1\",\"V2 Z2\"]}','diagram'),
(111,2,8,2,'2026-11-30 08:02:48.104','PULLED','{\"key\":\"log.pulled\",\"args\":[\"Diagram\"]}','diagram'),
(112,2,8,2,'2026-11-30 08:02:48.152','SAVED','{\"key\":\"log.board\",\"args\":[115,[\"U1–V1\",\"U2–V2\"]]}','diagram'),
(113,2,8,2,'2026-11-30 08:02:48.190','SAVED','{\"key\":\"log.marksTrusted\",\"args\":[]}','windings'),
(114,2,8,2,'2026-11-30 08:02:48.230','PULLED','{\"key\":\"log.pulled\",\"args\":[\"Windings\"]}','windings'),
(115,1,1,1,'2026-11-30 08:02:48.275','SAVED','{\"key\":\"log.switch\",\"args\":[\"Cross-corner drum\"]}','switch'),
(116,1,9,1,'2026-11-30 15:27:17.461','OPENED','{\"key\":\"log.opened\",\"args\":[\"Bandsaw one way\"]}',NULL),
(117,1,9,1,'2026-11-30 15:27:19.695','SAVED','{\"key\":\"log.safe\",\"args\":[\"a loose motor, not connected to anything\",{\"key\":\"own\",\"args\":[\"\"]},{\"key\":\"no\",\"args\":[]},{\"key\":\"no\",\"args\":[]},{\"key\":\"no\",\"args\":[]}]}','safe'),
(118,1,9,1,'2026-11-30 15:27:21.324','PULLED','{\"key\":\"log.pulled\",\"args\":[\"Safe\"]}','safe'),
(119,1,9,1,'2026-11-30 15:27:23.339','SAVED','{\"key\":\"log.found.nothing\",\"args\":[]}','found'),
(120,1,9,1,'2026-11-30 15:27:24.926','PULLED','{\"key\":\"log.pulled\",\"args\":[\"As found\"]}','found'),
(121,1,9,1,'2026-11-30 15:27:26.734','SAVED','{\"key\":\"log.plate\",\"args\":[\"1/2 hp\",\"115\",60,1725]}','plate'),
(122,1,9,1,'2026-11-30 15:27:28.382','PULLED','{\"key\":\"log.pulled\",\"args\":[\"Plate\"]}','plate'),
(123,1,9,1,'2026-11-30 15:27:30.273','SAVED','{\"key\":\"log.diagram\",\"args\":[{\"key\":\"supply\",\"args\":[115]},\"T1 T5\",\"T4 T8\"]}','diagram'),
(124,1,9,1,'2026-11-30 15:27:34.052','PULLED','{\"key\":\"log.pulled\",\"args\":[\"Diagram\"]}','diagram'),
(125,1,9,1,'2026-11-30 15:27:35.647','SAVED','{\"key\":\"log.marksTrusted\",\"args\":[]}','windings'),
(126,1,9,1,'2026-11-30 15:27:37.144','PULLED','{\"key\":\"log.pulled\",\"args\":[\"Windings\"]}','windings'),
(127,1,9,1,'2026-11-30 15:27:38.752','SAVED','{\"key\":\"log.supply\",\"args\":[{\"key\":\"supply\",\"args\":[115]},{\"metres\":12.192},\"none\"]}','supply'),
(128,1,9,1,'2026-11-30 15:27:40.279','PULLED','{\"key\":\"log.pulled\",\"args\":[\"Supply\"]}','supply'),
(129,1,9,1,'2026-11-30 15:27:45.368','SAVED','{\"key\":\"log.rotation\",\"args\":[\"counter-clockwise\",\"facing the shaft end\",{\"key\":\"rotation.oneWay\",\"args\":[]},{\"key\":\"own\",\"args\":[\"\"]}]}','rotation'),
(130,1,9,1,'2026-11-30 15:27:47.292','PULLED','{\"key\":\"log.pulled\",\"args\":[\"Rotation\"]}','rotation'),
(131,1,9,1,'2026-11-30 15:27:49.287','SAVED','{\"key\":\"log.switch\",\"args\":[\"On and off, two poles\"]}','switch'),
(132,1,9,1,'2026-11-30 15:27:52.358','SAVED','{\"key\":\"log.plan\",\"args\":[{\"key\":\"plan.name\",\"args\":[2,0]}]}','switch'),
(133,1,9,1,'2026-11-30 15:27:52.374','SAVED','{\"key\":\"log.ahead\",\"args\":[\"K0, F2\"]}','switch'),
(134,1,9,1,'2026-11-30 15:27:52.446','PULLED','{\"key\":\"log.pulled\",\"args\":[\"Switch\"]}','switch'),
(135,1,10,1,'2026-11-30 16:24:13.497','OPENED','{\"key\":\"log.opened\",\"args\":[\"Pictures only\"]}',NULL),
(136,1,10,1,'2026-11-30 16:24:18.836','SAVED','{\"key\":\"log.safe\",\"args\":[\"a loose motor, not connected to anything\",{\"key\":\"own\",\"args\":[\"\"]},{\"key\":\"no\",\"args\":[]},{\"key\":\"no\",\"args\":[]},{\"key\":\"no\",\"args\":[]}]}','safe'),
(137,1,10,1,'2026-11-30 16:24:18.958','PULLED','{\"key\":\"log.pulled\",\"args\":[\"Safe\"]}','safe'),
(138,1,5,1,'2026-11-30 22:12:55.776','SAVED','{\"key\":\"log.platePhoto\",\"args\":[]}','plate'),
(139,1,2,1,'2026-11-30 22:12:56.685','SAVED','{\"key\":\"log.platePhoto\",\"args\":[]}','plate'),
(140,1,1,1,'2026-11-30 22:13:29.997','SAVED','{\"key\":\"log.platePhoto\",\"args\":[]}','plate'),
(141,1,7,1,'2026-11-30 22:13:30.890','SAVED','{\"key\":\"log.platePhoto\",\"args\":[]}','plate');
/*!40000 ALTER TABLE `log_entry` ENABLE KEYS */;
UNLOCK TABLES;

--
-- Table structure for table `machine`
--

DROP TABLE IF EXISTS `machine`;
/*!40101 SET @saved_cs_client     = @@character_set_client */;
/*!40101 SET character_set_client = utf8mb4 */;
CREATE TABLE `machine` (
  `id` bigint(20) NOT NULL AUTO_INCREMENT,
  `shop_id` bigint(20) NOT NULL,
  `name` varchar(80) NOT NULL,
  `note` varchar(400) NOT NULL,
  `set_aside_at` timestamp(3) NULL DEFAULT NULL,
  PRIMARY KEY (`id`),
  UNIQUE KEY `shop_id` (`shop_id`,`name`),
  UNIQUE KEY `id` (`id`,`shop_id`),
  CONSTRAINT `machine_ibfk_1` FOREIGN KEY (`shop_id`) REFERENCES `shop` (`id`)
) ENGINE=InnoDB AUTO_INCREMENT=11 DEFAULT CHARSET=utf8mb4 COLLATE=utf8mb4_bin;
/*!40101 SET character_set_client = @saved_cs_client */;

--
-- Dumping data for table `machine`
--

LOCK TABLES `machine` WRITE;
/*!40000 ALTER TABLE `machine` DISABLE KEYS */;
INSERT INTO `machine` VALUES
(1,1,'Apple scratter','Capacitor start, six leads. Reverses to clear jams.',NULL),
(2,1,'Honey extractor','Gearmotor with one oil-filled capacitor, no click. Four wires in two colour pairs.',NULL),
(3,1,'Seed auger','Two humps, two contactors and a push-button box. 200 ft from the panel.',NULL),
(4,1,'Tapping drill','Split phase, cam switch without a chart.',NULL),
(5,1,'Sorting-belt blower','Five wires, no marks left, plate unreadable.',NULL),
(6,1,'Hay-loft winch','Drum that springs back to the middle. Its protector comes out on P1 and P2.',NULL),
(7,1,'Tool grinder','Nine leads, PH 3 on the plate. Not a single-phase motor.',NULL),
(8,2,'Potter\'s wheel','IEC marks on a stud board, links landed by somebody else.',NULL),
(9,1,'Bandsaw one way','',NULL),
(10,1,'Pictures only','',NULL);
/*!40000 ALTER TABLE `machine` ENABLE KEYS */;
UNLOCK TABLES;

--
-- Table structure for table `meter`
--

DROP TABLE IF EXISTS `meter`;
/*!40101 SET @saved_cs_client     = @@character_set_client */;
/*!40101 SET character_set_client = utf8mb4 */;
CREATE TABLE `meter` (
  `person_id` bigint(20) NOT NULL,
  `percent` double NOT NULL CHECK (`percent` >= 0),
  `ohms` double NOT NULL CHECK (`ohms` >= 0),
  `zero_ohms` double NOT NULL CHECK (`zero_ohms` >= 0),
  `capacitance` tinyint(1) NOT NULL,
  PRIMARY KEY (`person_id`),
  CONSTRAINT `meter_ibfk_1` FOREIGN KEY (`person_id`) REFERENCES `person` (`id`)
) ENGINE=InnoDB DEFAULT CHARSET=utf8mb4 COLLATE=utf8mb4_bin;
/*!40101 SET character_set_client = @saved_cs_client */;

--
-- Dumping data for table `meter`
--

LOCK TABLES `meter` WRITE;
/*!40000 ALTER TABLE `meter` DISABLE KEYS */;
/*!40000 ALTER TABLE `meter` ENABLE KEYS */;
UNLOCK TABLES;

--
-- Table structure for table `motor`
--

DROP TABLE IF EXISTS `motor`;
/*!40101 SET @saved_cs_client     = @@character_set_client */;
/*!40101 SET character_set_client = utf8mb4 */;
CREATE TABLE `motor` (
  `id` bigint(20) NOT NULL AUTO_INCREMENT,
  `shop_id` bigint(20) NOT NULL,
  `machine_id` bigint(20) DEFAULT NULL,
  `output` varchar(20) NOT NULL,
  `output_unit` enum('hp','kW') NOT NULL,
  `hertz` smallint(6) NOT NULL CHECK (`hertz` in (0,50,60)),
  `rpm` smallint(6) NOT NULL CHECK (`rpm` between 0 and 3600),
  `family` enum('SPLIT_PHASE','CAPACITOR_START','CAPACITOR_START_CAPACITOR_RUN','PERMANENT_SPLIT_CAPACITOR') DEFAULT NULL,
  `code_letter` char(1) DEFAULT NULL CHECK (`code_letter` regexp '^[A-HJ-NPR-V]$'),
  `start_microfarads` decimal(7,2) DEFAULT NULL CHECK (`start_microfarads` > 0),
  `run_microfarads` decimal(7,2) DEFAULT NULL CHECK (`run_microfarads` > 0),
  `plate_text` varchar(600) NOT NULL DEFAULT '',
  `plate_read` text DEFAULT NULL,
  PRIMARY KEY (`id`),
  UNIQUE KEY `id` (`id`,`shop_id`),
  UNIQUE KEY `machine_id` (`machine_id`),
  KEY `shop_id` (`shop_id`),
  KEY `machine_id_2` (`machine_id`,`shop_id`),
  CONSTRAINT `motor_ibfk_1` FOREIGN KEY (`shop_id`) REFERENCES `shop` (`id`),
  CONSTRAINT `motor_ibfk_2` FOREIGN KEY (`machine_id`, `shop_id`) REFERENCES `machine` (`id`, `shop_id`)
) ENGINE=InnoDB AUTO_INCREMENT=14 DEFAULT CHARSET=utf8mb4 COLLATE=utf8mb4_bin;
/*!40101 SET character_set_client = @saved_cs_client */;

--
-- Dumping data for table `motor`
--

LOCK TABLES `motor` WRITE;
/*!40000 ALTER TABLE `motor` DISABLE KEYS */;
INSERT INTO `motor` VALUES
(1,1,1,'3/4','hp',60,1725,'CAPACITOR_START','K',300.00,NULL,'',NULL),
(2,1,2,'1/8','hp',60,1650,'PERMANENT_SPLIT_CAPACITOR',NULL,NULL,10.00,'',NULL),
(3,1,3,'1-1/2','hp',60,1740,'CAPACITOR_START_CAPACITOR_RUN','K',233.00,40.00,'HP 1-1/2 \"old\"',NULL),
(4,1,4,'1/2','hp',60,1725,'SPLIT_PHASE',NULL,NULL,NULL,'',NULL),
(5,1,5,'','hp',0,0,NULL,NULL,NULL,NULL,'',NULL),
(6,1,6,'1','hp',60,1725,'CAPACITOR_START',NULL,NULL,NULL,'',NULL),
(7,1,7,'1','hp',60,1725,NULL,NULL,NULL,NULL,'1 HP PH 3 V 230/460 A 3.4/1.7 RPM 1725 HZ 60 FR 56 CONT','{\"ratedOutputWatts\":745.7,\"outputAsWritten\":\"1 hp\",\"ratings\":[{\"volts\":230,\"amps\":3.4},{\"volts\":460,\"amps\":1.7}],\"hertz\":60,\"rpm\":1725,\"extras\":{\"family\":null,\"code\":null,\"startMicrofarads\":null,\"runMicrofarads\":null,\"text\":\"1 HP PH 3 V 230/460 A 3.4/1.7 RPM 1725 HZ 60 FR 56 CONT\"}}'),
(8,1,NULL,'1','hp',60,1725,NULL,NULL,NULL,NULL,'1 HP 115/230 V 16/8 A 60 HZ 1725 RPM FR 56 CONT',NULL),
(9,1,NULL,'1/2','hp',60,1140,NULL,NULL,NULL,NULL,'1/2 HP 115 V 8.4 A 60 HZ 1140 RPM',NULL),
(10,1,NULL,'','hp',0,0,NULL,NULL,NULL,NULL,'',NULL),
(11,2,8,'0.37','kW',50,1420,'CAPACITOR_START',NULL,NULL,NULL,'',NULL),
(12,1,9,'1/2','hp',60,1725,NULL,NULL,NULL,NULL,'',NULL),
(13,1,10,'','hp',0,0,NULL,NULL,NULL,NULL,'',NULL);
/*!40000 ALTER TABLE `motor` ENABLE KEYS */;
UNLOCK TABLES;

--
-- Table structure for table `motor_photo`
--

DROP TABLE IF EXISTS `motor_photo`;
/*!40101 SET @saved_cs_client     = @@character_set_client */;
/*!40101 SET character_set_client = utf8mb4 */;
CREATE TABLE `motor_photo` (
  `id` bigint(20) NOT NULL AUTO_INCREMENT,
  `motor_id` bigint(20) NOT NULL,
  `width` int(11) NOT NULL CHECK (`width` > 0),
  `height` int(11) NOT NULL CHECK (`height` > 0),
  `jpeg` mediumblob NOT NULL,
  `words` mediumtext DEFAULT NULL,
  `added_at` timestamp(3) NOT NULL,
  PRIMARY KEY (`id`),
  KEY `motor_id` (`motor_id`),
  CONSTRAINT `motor_photo_ibfk_1` FOREIGN KEY (`motor_id`) REFERENCES `motor` (`id`) ON DELETE CASCADE
) ENGINE=InnoDB AUTO_INCREMENT=5 DEFAULT CHARSET=utf8mb4 COLLATE=utf8mb4_bin;
/*!40101 SET character_set_client = @saved_cs_client */;

--
-- Dumping data for table `motor_photo`
--

LOCK TABLES `motor_photo` WRITE;
/*!40000 ALTER TABLE `motor_photo` DISABLE KEYS */;
/*!40000 ALTER TABLE `motor_photo` ENABLE KEYS */;
UNLOCK TABLES;

--
-- Table structure for table `motor_rating`
--

DROP TABLE IF EXISTS `motor_rating`;
/*!40101 SET @saved_cs_client     = @@character_set_client */;
/*!40101 SET character_set_client = utf8mb4 */;
CREATE TABLE `motor_rating` (
  `motor_id` bigint(20) NOT NULL,
  `volts` smallint(6) NOT NULL CHECK (`volts` between 24 and 600),
  `amps` decimal(6,2) DEFAULT NULL CHECK (`amps` > 0),
  PRIMARY KEY (`motor_id`,`volts`),
  CONSTRAINT `motor_rating_ibfk_1` FOREIGN KEY (`motor_id`) REFERENCES `motor` (`id`) ON DELETE CASCADE
) ENGINE=InnoDB DEFAULT CHARSET=utf8mb4 COLLATE=utf8mb4_bin;
/*!40101 SET character_set_client = @saved_cs_client */;

--
-- Dumping data for table `motor_rating`
--

LOCK TABLES `motor_rating` WRITE;
/*!40000 ALTER TABLE `motor_rating` DISABLE KEYS */;
INSERT INTO `motor_rating` VALUES
(1,115,13.80),
(1,230,6.90),
(2,115,2.10),
(3,115,24.00),
(3,230,12.00),
(4,115,8.80),
(6,115,14.80),
(6,230,7.40),
(7,230,3.40),
(7,460,1.70),
(8,115,16.00),
(8,230,8.00),
(9,115,8.40),
(11,115,5.80),
(11,230,2.90),
(12,115,8.80);
/*!40000 ALTER TABLE `motor_rating` ENABLE KEYS */;
UNLOCK TABLES;

--
-- Table structure for table `ohm_reading`
--

DROP TABLE IF EXISTS `ohm_reading`;
/*!40101 SET @saved_cs_client     = @@character_set_client */;
/*!40101 SET character_set_client = utf8mb4 */;
CREATE TABLE `ohm_reading` (
  `id` bigint(20) NOT NULL AUTO_INCREMENT,
  `motor_id` bigint(20) NOT NULL,
  `lead_a` varchar(12) NOT NULL,
  `lead_b` varchar(12) NOT NULL,
  `shown_ohms` double DEFAULT NULL CHECK (`shown_ohms` >= 0),
  `zero_ohms` double NOT NULL CHECK (`zero_ohms` >= 0),
  `celsius` decimal(4,1) NOT NULL CHECK (`celsius` between -40 and 200),
  `start_switch` enum('AT_REST','HELD_OPEN') NOT NULL,
  `simulated` tinyint(1) NOT NULL,
  `at` timestamp(3) NOT NULL,
  `person_id` bigint(20) NOT NULL,
  PRIMARY KEY (`id`),
  KEY `motor_id` (`motor_id`,`id`),
  KEY `person_id` (`person_id`),
  CONSTRAINT `ohm_reading_ibfk_1` FOREIGN KEY (`motor_id`) REFERENCES `motor` (`id`) ON DELETE CASCADE,
  CONSTRAINT `ohm_reading_ibfk_2` FOREIGN KEY (`person_id`) REFERENCES `person` (`id`),
  CONSTRAINT `CONSTRAINT_1` CHECK (`lead_a` <> `lead_b`)
) ENGINE=InnoDB AUTO_INCREMENT=10 DEFAULT CHARSET=utf8mb4 COLLATE=utf8mb4_bin;
/*!40101 SET character_set_client = @saved_cs_client */;

--
-- Dumping data for table `ohm_reading`
--

LOCK TABLES `ohm_reading` WRITE;
/*!40000 ALTER TABLE `ohm_reading` DISABLE KEYS */;
INSERT INTO `ohm_reading` VALUES
(1,1,'T1','T2',2.2,0.2,20.0,'AT_REST',0,'2026-11-30 08:02:43.174',1),
(2,1,'T3','T4',2.3,0.2,20.0,'AT_REST',0,'2026-11-30 08:02:43.316',1),
(3,1,'T5','T8',3.4,0.2,20.0,'AT_REST',0,'2026-11-30 08:02:43.497',1),
(4,1,'T1','T3',NULL,0.2,20.0,'AT_REST',0,'2026-11-30 08:02:43.643',1),
(5,1,'T1','T5',NULL,0.2,20.0,'AT_REST',0,'2026-11-30 08:02:43.702',1),
(6,1,'T3','T5',NULL,0.2,20.0,'AT_REST',0,'2026-11-30 08:02:43.747',1),
(7,1,'T1','frame',NULL,0.2,20.0,'AT_REST',0,'2026-11-30 08:02:43.824',1),
(8,1,'T3','frame',NULL,0.2,20.0,'AT_REST',0,'2026-11-30 08:02:43.893',1),
(9,1,'T5','frame',NULL,0.2,20.0,'AT_REST',0,'2026-11-30 08:02:43.929',1);
/*!40000 ALTER TABLE `ohm_reading` ENABLE KEYS */;
UNLOCK TABLES;

--
-- Table structure for table `old_mount`
--

DROP TABLE IF EXISTS `old_mount`;
/*!40101 SET @saved_cs_client     = @@character_set_client */;
/*!40101 SET character_set_client = utf8mb4 */;
CREATE TABLE `old_mount` (
  `job_id` bigint(20) NOT NULL,
  `horsepower` double NOT NULL CHECK (`horsepower` > 0),
  `rpm` smallint(6) NOT NULL CHECK (`rpm` > 0),
  `three_phase` tinyint(1) NOT NULL,
  `amps` double DEFAULT NULL,
  `both_ways` tinyint(1) NOT NULL,
  `turned` enum('CLOCKWISE','COUNTER_CLOCKWISE','NOT_STATED') NOT NULL,
  `seen_from` enum('SHAFT_END','OPPOSITE_END') NOT NULL,
  `pulley` varchar(20) NOT NULL,
  `face` varchar(20) NOT NULL,
  `shaft` varchar(20) NOT NULL,
  `shaft_key` varchar(20) NOT NULL,
  `height` varchar(20) NOT NULL,
  `clearance` varchar(20) NOT NULL,
  `fixing` enum('FEET','FACE','BOTH','UNKNOWN') NOT NULL,
  `note` varchar(500) NOT NULL,
  PRIMARY KEY (`job_id`),
  CONSTRAINT `old_mount_ibfk_1` FOREIGN KEY (`job_id`) REFERENCES `job` (`id`) ON DELETE CASCADE
) ENGINE=InnoDB DEFAULT CHARSET=utf8mb4 COLLATE=utf8mb4_bin;
/*!40101 SET character_set_client = @saved_cs_client */;

--
-- Dumping data for table `old_mount`
--

LOCK TABLES `old_mount` WRITE;
/*!40000 ALTER TABLE `old_mount` DISABLE KEYS */;
INSERT INTO `old_mount` VALUES
(7,1,1725,1,3.4,1,'CLOCKWISE','SHAFT_END','2 1/2','1 5/8','5/8','3/16','3 1/2','13','FEET','A-section belt, half an inch of play. Conduit from the left.');
/*!40000 ALTER TABLE `old_mount` ENABLE KEYS */;
UNLOCK TABLES;

--
-- Table structure for table `pad_lead`
--

DROP TABLE IF EXISTS `pad_lead`;
/*!40101 SET @saved_cs_client     = @@character_set_client */;
/*!40101 SET character_set_client = utf8mb4 */;
CREATE TABLE `pad_lead` (
  `motor_id` bigint(20) NOT NULL,
  `name` varchar(12) NOT NULL,
  `place` tinyint(4) NOT NULL,
  `aside` varchar(80) NOT NULL,
  PRIMARY KEY (`motor_id`,`name`),
  CONSTRAINT `pad_lead_ibfk_1` FOREIGN KEY (`motor_id`) REFERENCES `motor` (`id`) ON DELETE CASCADE
) ENGINE=InnoDB DEFAULT CHARSET=utf8mb4 COLLATE=utf8mb4_bin;
/*!40101 SET character_set_client = @saved_cs_client */;

--
-- Dumping data for table `pad_lead`
--

LOCK TABLES `pad_lead` WRITE;
/*!40000 ALTER TABLE `pad_lead` DISABLE KEYS */;
INSERT INTO `pad_lead` VALUES
(1,'T1',0,''),
(1,'T2',1,''),
(1,'T3',2,''),
(1,'T4',3,''),
(1,'T5',4,''),
(1,'T8',5,''),
(5,'1',0,''),
(5,'2',1,''),
(5,'3',2,''),
(5,'4',3,''),
(5,'5',4,'');
/*!40000 ALTER TABLE `pad_lead` ENABLE KEYS */;
UNLOCK TABLES;

--
-- Table structure for table `paper_taken`
--

DROP TABLE IF EXISTS `paper_taken`;
/*!40101 SET @saved_cs_client     = @@character_set_client */;
/*!40101 SET character_set_client = utf8mb4 */;
CREATE TABLE `paper_taken` (
  `id` bigint(20) NOT NULL AUTO_INCREMENT,
  `job_id` bigint(20) NOT NULL,
  `paper` enum('SHEET','COVER','LABELS','DANGER','CHECKS','BUYING') NOT NULL,
  `mark` varchar(40) NOT NULL,
  `at` timestamp(3) NOT NULL,
  `person_id` bigint(20) NOT NULL,
  PRIMARY KEY (`id`),
  KEY `job_id` (`job_id`,`id`),
  KEY `person_id` (`person_id`),
  CONSTRAINT `paper_taken_ibfk_1` FOREIGN KEY (`job_id`) REFERENCES `job` (`id`) ON DELETE CASCADE,
  CONSTRAINT `paper_taken_ibfk_2` FOREIGN KEY (`person_id`) REFERENCES `person` (`id`)
) ENGINE=InnoDB DEFAULT CHARSET=utf8mb4 COLLATE=utf8mb4_bin;
/*!40101 SET character_set_client = @saved_cs_client */;

--
-- Dumping data for table `paper_taken`
--

LOCK TABLES `paper_taken` WRITE;
/*!40000 ALTER TABLE `paper_taken` DISABLE KEYS */;
/*!40000 ALTER TABLE `paper_taken` ENABLE KEYS */;
UNLOCK TABLES;

--
-- Table structure for table `part_version`
--

DROP TABLE IF EXISTS `part_version`;
/*!40101 SET @saved_cs_client     = @@character_set_client */;
/*!40101 SET character_set_client = utf8mb4 */;
CREATE TABLE `part_version` (
  `job_id` bigint(20) NOT NULL,
  `part` varchar(20) NOT NULL,
  `version` int(11) NOT NULL,
  PRIMARY KEY (`job_id`,`part`),
  CONSTRAINT `part_version_ibfk_1` FOREIGN KEY (`job_id`) REFERENCES `job` (`id`) ON DELETE CASCADE
) ENGINE=InnoDB DEFAULT CHARSET=utf8mb4 COLLATE=utf8mb4_bin;
/*!40101 SET character_set_client = @saved_cs_client */;

--
-- Dumping data for table `part_version`
--

LOCK TABLES `part_version` WRITE;
/*!40000 ALTER TABLE `part_version` DISABLE KEYS */;
INSERT INTO `part_version` VALUES
(1,'checks',1),
(1,'diagram',1),
(1,'found',1),
(1,'gear',1),
(1,'plate',1),
(1,'plate-photos',1),
(1,'rotation',1),
(1,'safe',3),
(1,'supply',2),
(1,'windings',10),
(2,'checks',1),
(2,'diagram',1),
(2,'found',1),
(2,'plate',1),
(2,'plate-photos',1),
(2,'rotation',1),
(2,'safe',1),
(2,'supply',2),
(2,'windings',1),
(3,'checks',1),
(3,'control',1),
(3,'diagram',1),
(3,'found',1),
(3,'gear',1),
(3,'plate',1),
(3,'rotation',1),
(3,'safe',1),
(3,'supply',2),
(3,'windings',1),
(4,'checks',1),
(4,'diagram',1),
(4,'found',1),
(4,'map',1),
(4,'plate',1),
(4,'rotation',1),
(4,'safe',1),
(4,'supply',2),
(4,'windings',1),
(5,'checks',1),
(5,'found',1),
(5,'plate',1),
(5,'plate-photos',1),
(5,'safe',1),
(5,'windings',2),
(6,'checks',1),
(6,'diagram',1),
(6,'found',1),
(6,'plate',1),
(6,'rotation',1),
(6,'safe',1),
(6,'supply',2),
(6,'windings',1),
(7,'checks',1),
(7,'found',1),
(7,'plate',1),
(7,'plate-photos',1),
(7,'safe',1),
(8,'board',1),
(8,'checks',1),
(8,'diagram',1),
(8,'found',1),
(8,'plate',1),
(8,'safe',1),
(8,'supply',1),
(8,'windings',1),
(9,'diagram',1),
(9,'found',1),
(9,'gear',1),
(9,'plan',1),
(9,'plate',1),
(9,'rotation',1),
(9,'safe',1),
(9,'supply',2),
(9,'windings',1),
(10,'safe',1);
/*!40000 ALTER TABLE `part_version` ENABLE KEYS */;
UNLOCK TABLES;

--
-- Table structure for table `person`
--

DROP TABLE IF EXISTS `person`;
/*!40101 SET @saved_cs_client     = @@character_set_client */;
/*!40101 SET character_set_client = utf8mb4 */;
CREATE TABLE `person` (
  `id` bigint(20) NOT NULL AUTO_INCREMENT,
  `shop_id` bigint(20) NOT NULL,
  `name` varchar(80) NOT NULL,
  PRIMARY KEY (`id`),
  UNIQUE KEY `shop_id` (`shop_id`,`name`),
  CONSTRAINT `person_ibfk_1` FOREIGN KEY (`shop_id`) REFERENCES `shop` (`id`)
) ENGINE=InnoDB AUTO_INCREMENT=3 DEFAULT CHARSET=utf8mb4 COLLATE=utf8mb4_bin;
/*!40101 SET character_set_client = @saved_cs_client */;

--
-- Dumping data for table `person`
--

LOCK TABLES `person` WRITE;
/*!40000 ALTER TABLE `person` DISABLE KEYS */;
INSERT INTO `person` VALUES
(1,1,'Owner'),
(2,2,'Owner');
/*!40000 ALTER TABLE `person` ENABLE KEYS */;
UNLOCK TABLES;

--
-- Table structure for table `photo_pin`
--

DROP TABLE IF EXISTS `photo_pin`;
/*!40101 SET @saved_cs_client     = @@character_set_client */;
/*!40101 SET character_set_client = utf8mb4 */;
CREATE TABLE `photo_pin` (
  `id` bigint(20) NOT NULL AUTO_INCREMENT,
  `photo_id` bigint(20) NOT NULL,
  `x` smallint(6) NOT NULL CHECK (`x` between 0 and 1000),
  `y` smallint(6) NOT NULL CHECK (`y` between 0 and 1000),
  `mark` varchar(16) NOT NULL,
  `colour` varchar(30) NOT NULL,
  `bands` tinyint(4) NOT NULL CHECK (`bands` between 0 and 9),
  PRIMARY KEY (`id`),
  KEY `photo_id` (`photo_id`),
  CONSTRAINT `photo_pin_ibfk_1` FOREIGN KEY (`photo_id`) REFERENCES `found_photo` (`id`) ON DELETE CASCADE
) ENGINE=InnoDB DEFAULT CHARSET=utf8mb4 COLLATE=utf8mb4_bin;
/*!40101 SET character_set_client = @saved_cs_client */;

--
-- Dumping data for table `photo_pin`
--

LOCK TABLES `photo_pin` WRITE;
/*!40000 ALTER TABLE `photo_pin` DISABLE KEYS */;
/*!40000 ALTER TABLE `photo_pin` ENABLE KEYS */;
UNLOCK TABLES;

--
-- Table structure for table `pin`
--

DROP TABLE IF EXISTS `pin`;
/*!40101 SET @saved_cs_client     = @@character_set_client */;
/*!40101 SET character_set_client = utf8mb4 */;
CREATE TABLE `pin` (
  `job_id` bigint(20) NOT NULL,
  `gate` varchar(20) NOT NULL,
  `state` enum('HELD','PULLED','OVERRIDDEN','DROPPED') NOT NULL,
  `reason` text NOT NULL CHECK (json_valid(`reason`)),
  PRIMARY KEY (`job_id`,`gate`),
  CONSTRAINT `pin_ibfk_1` FOREIGN KEY (`job_id`) REFERENCES `job` (`id`) ON DELETE CASCADE
) ENGINE=InnoDB DEFAULT CHARSET=utf8mb4 COLLATE=utf8mb4_bin;
/*!40101 SET character_set_client = @saved_cs_client */;

--
-- Dumping data for table `pin`
--

LOCK TABLES `pin` WRITE;
/*!40000 ALTER TABLE `pin` DISABLE KEYS */;
INSERT INTO `pin` VALUES
(1,'DIAGRAM','PULLED','{\"key\":\"own\",\"args\":[\"\"]}'),
(1,'FOUND','PULLED','{\"key\":\"own\",\"args\":[\"\"]}'),
(1,'PLATE','PULLED','{\"key\":\"own\",\"args\":[\"\"]}'),
(1,'ROTATION','PULLED','{\"key\":\"own\",\"args\":[\"\"]}'),
(1,'SAFE','PULLED','{\"key\":\"own\",\"args\":[\"\"]}'),
(1,'SUPPLY','PULLED','{\"key\":\"own\",\"args\":[\"\"]}'),
(1,'WINDINGS','PULLED','{\"key\":\"own\",\"args\":[\"\"]}'),
(2,'DIAGRAM','PULLED','{\"key\":\"own\",\"args\":[\"\"]}'),
(2,'FOUND','PULLED','{\"key\":\"own\",\"args\":[\"\"]}'),
(2,'PLATE','PULLED','{\"key\":\"own\",\"args\":[\"\"]}'),
(2,'ROTATION','PULLED','{\"key\":\"own\",\"args\":[\"\"]}'),
(2,'SAFE','PULLED','{\"key\":\"own\",\"args\":[\"\"]}'),
(2,'SUPPLY','PULLED','{\"key\":\"own\",\"args\":[\"\"]}'),
(2,'WINDINGS','PULLED','{\"key\":\"own\",\"args\":[\"\"]}'),
(3,'DIAGRAM','PULLED','{\"key\":\"own\",\"args\":[\"\"]}'),
(3,'FOUND','PULLED','{\"key\":\"own\",\"args\":[\"\"]}'),
(3,'PLATE','PULLED','{\"key\":\"own\",\"args\":[\"\"]}'),
(3,'ROTATION','PULLED','{\"key\":\"own\",\"args\":[\"\"]}'),
(3,'SAFE','PULLED','{\"key\":\"own\",\"args\":[\"\"]}'),
(3,'SUPPLY','PULLED','{\"key\":\"own\",\"args\":[\"\"]}'),
(3,'WINDINGS','PULLED','{\"key\":\"own\",\"args\":[\"\"]}'),
(4,'DIAGRAM','PULLED','{\"key\":\"own\",\"args\":[\"\"]}'),
(4,'FOUND','PULLED','{\"key\":\"own\",\"args\":[\"\"]}'),
(4,'PLATE','PULLED','{\"key\":\"own\",\"args\":[\"\"]}'),
(4,'ROTATION','PULLED','{\"key\":\"own\",\"args\":[\"\"]}'),
(4,'SAFE','PULLED','{\"key\":\"own\",\"args\":[\"\"]}'),
(4,'SUPPLY','PULLED','{\"key\":\"own\",\"args\":[\"\"]}'),
(4,'WINDINGS','PULLED','{\"key\":\"own\",\"args\":[\"\"]}'),
(5,'FOUND','PULLED','{\"key\":\"own\",\"args\":[\"\"]}'),
(5,'SAFE','PULLED','{\"key\":\"own\",\"args\":[\"\"]}'),
(6,'DIAGRAM','PULLED','{\"key\":\"own\",\"args\":[\"\"]}'),
(6,'FOUND','PULLED','{\"key\":\"own\",\"args\":[\"\"]}'),
(6,'PLATE','PULLED','{\"key\":\"own\",\"args\":[\"\"]}'),
(6,'ROTATION','PULLED','{\"key\":\"own\",\"args\":[\"\"]}'),
(6,'SAFE','PULLED','{\"key\":\"own\",\"args\":[\"\"]}'),
(6,'SUPPLY','PULLED','{\"key\":\"own\",\"args\":[\"\"]}'),
(6,'WINDINGS','PULLED','{\"key\":\"own\",\"args\":[\"\"]}'),
(7,'FOUND','PULLED','{\"key\":\"own\",\"args\":[\"\"]}'),
(7,'SAFE','PULLED','{\"key\":\"own\",\"args\":[\"\"]}'),
(8,'DIAGRAM','PULLED','{\"key\":\"own\",\"args\":[\"\"]}'),
(8,'FOUND','PULLED','{\"key\":\"own\",\"args\":[\"\"]}'),
(8,'PLATE','PULLED','{\"key\":\"own\",\"args\":[\"\"]}'),
(8,'SAFE','PULLED','{\"key\":\"own\",\"args\":[\"\"]}'),
(8,'WINDINGS','PULLED','{\"key\":\"own\",\"args\":[\"\"]}'),
(9,'DIAGRAM','PULLED','{\"key\":\"own\",\"args\":[\"\"]}'),
(9,'FOUND','PULLED','{\"key\":\"own\",\"args\":[\"\"]}'),
(9,'PLATE','PULLED','{\"key\":\"own\",\"args\":[\"\"]}'),
(9,'ROTATION','PULLED','{\"key\":\"own\",\"args\":[\"\"]}'),
(9,'SAFE','PULLED','{\"key\":\"own\",\"args\":[\"\"]}'),
(9,'SUPPLY','PULLED','{\"key\":\"own\",\"args\":[\"\"]}'),
(9,'SWITCH','PULLED','{\"key\":\"own\",\"args\":[\"\"]}'),
(9,'WINDINGS','PULLED','{\"key\":\"own\",\"args\":[\"\"]}'),
(10,'SAFE','PULLED','{\"key\":\"own\",\"args\":[\"\"]}');
/*!40000 ALTER TABLE `pin` ENABLE KEYS */;
UNLOCK TABLES;

--
-- Table structure for table `plan`
--

DROP TABLE IF EXISTS `plan`;
/*!40101 SET @saved_cs_client     = @@character_set_client */;
/*!40101 SET character_set_client = utf8mb4 */;
CREATE TABLE `plan` (
  `id` bigint(20) NOT NULL AUTO_INCREMENT,
  `job_id` bigint(20) NOT NULL,
  `hot_leads_in_off` smallint(6) NOT NULL,
  `hot_lines_unbroken` smallint(6) NOT NULL,
  `neutral_switched` smallint(6) NOT NULL,
  `conductors` smallint(6) NOT NULL,
  `jumpers` smallint(6) NOT NULL,
  `most_on_one_terminal` smallint(6) NOT NULL,
  `chosen_at` timestamp(3) NOT NULL,
  `beside_protector` smallint(6) NOT NULL DEFAULT 0,
  `beyond_diagram` smallint(6) NOT NULL DEFAULT 0,
  PRIMARY KEY (`id`),
  UNIQUE KEY `id` (`id`,`job_id`),
  KEY `job_id` (`job_id`),
  CONSTRAINT `plan_ibfk_1` FOREIGN KEY (`job_id`) REFERENCES `job` (`id`) ON DELETE CASCADE
) ENGINE=InnoDB AUTO_INCREMENT=2 DEFAULT CHARSET=utf8mb4 COLLATE=utf8mb4_bin;
/*!40101 SET character_set_client = @saved_cs_client */;

--
-- Dumping data for table `plan`
--

LOCK TABLES `plan` WRITE;
/*!40000 ALTER TABLE `plan` DISABLE KEYS */;
INSERT INTO `plan` VALUES
(1,9,0,0,0,2,0,1,'2026-11-30 15:27:52.350',0,0);
/*!40000 ALTER TABLE `plan` ENABLE KEYS */;
UNLOCK TABLES;

--
-- Table structure for table `plate_trace`
--

DROP TABLE IF EXISTS `plate_trace`;
/*!40101 SET @saved_cs_client     = @@character_set_client */;
/*!40101 SET character_set_client = utf8mb4 */;
CREATE TABLE `plate_trace` (
  `motor_id` bigint(20) NOT NULL,
  `volts` varchar(20) NOT NULL,
  `shaft` varchar(20) NOT NULL,
  `height` varchar(20) NOT NULL,
  `start_microfarads` varchar(20) NOT NULL,
  `run_microfarads` varchar(20) NOT NULL,
  `conductor` varchar(20) NOT NULL,
  `idle_amps` varchar(20) NOT NULL,
  `rpm` varchar(20) NOT NULL,
  `family` varchar(40) NOT NULL,
  PRIMARY KEY (`motor_id`),
  CONSTRAINT `plate_trace_ibfk_1` FOREIGN KEY (`motor_id`) REFERENCES `motor` (`id`) ON DELETE CASCADE
) ENGINE=InnoDB DEFAULT CHARSET=utf8mb4 COLLATE=utf8mb4_bin;
/*!40101 SET character_set_client = @saved_cs_client */;

--
-- Dumping data for table `plate_trace`
--

LOCK TABLES `plate_trace` WRITE;
/*!40000 ALTER TABLE `plate_trace` DISABLE KEYS */;
INSERT INTO `plate_trace` VALUES
(5,'120','1/2','3','','','16 AWG','','','');
/*!40000 ALTER TABLE `plate_trace` ENABLE KEYS */;
UNLOCK TABLES;

--
-- Table structure for table `practice_act`
--

DROP TABLE IF EXISTS `practice_act`;
/*!40101 SET @saved_cs_client     = @@character_set_client */;
/*!40101 SET character_set_client = utf8mb4 */;
CREATE TABLE `practice_act` (
  `attempt_id` bigint(20) NOT NULL,
  `step` int(11) NOT NULL CHECK (`step` >= 0),
  `tool` varchar(40) NOT NULL,
  `one` varchar(80) NOT NULL DEFAULT '',
  `other` varchar(80) NOT NULL DEFAULT '',
  PRIMARY KEY (`attempt_id`,`step`),
  CONSTRAINT `practice_act_ibfk_1` FOREIGN KEY (`attempt_id`) REFERENCES `practice_attempt` (`id`) ON DELETE CASCADE
) ENGINE=InnoDB DEFAULT CHARSET=utf8mb4 COLLATE=utf8mb4_bin;
/*!40101 SET character_set_client = @saved_cs_client */;

--
-- Dumping data for table `practice_act`
--

LOCK TABLES `practice_act` WRITE;
/*!40000 ALTER TABLE `practice_act` DISABLE KEYS */;
/*!40000 ALTER TABLE `practice_act` ENABLE KEYS */;
UNLOCK TABLES;

--
-- Table structure for table `practice_answer`
--

DROP TABLE IF EXISTS `practice_answer`;
/*!40101 SET @saved_cs_client     = @@character_set_client */;
/*!40101 SET character_set_client = utf8mb4 */;
CREATE TABLE `practice_answer` (
  `attempt_id` bigint(20) NOT NULL,
  `field` varchar(40) NOT NULL,
  `given` varchar(200) NOT NULL,
  PRIMARY KEY (`attempt_id`,`field`),
  CONSTRAINT `practice_answer_ibfk_1` FOREIGN KEY (`attempt_id`) REFERENCES `practice_attempt` (`id`) ON DELETE CASCADE
) ENGINE=InnoDB DEFAULT CHARSET=utf8mb4 COLLATE=utf8mb4_bin;
/*!40101 SET character_set_client = @saved_cs_client */;

--
-- Dumping data for table `practice_answer`
--

LOCK TABLES `practice_answer` WRITE;
/*!40000 ALTER TABLE `practice_answer` DISABLE KEYS */;
/*!40000 ALTER TABLE `practice_answer` ENABLE KEYS */;
UNLOCK TABLES;

--
-- Table structure for table `practice_attempt`
--

DROP TABLE IF EXISTS `practice_attempt`;
/*!40101 SET @saved_cs_client     = @@character_set_client */;
/*!40101 SET character_set_client = utf8mb4 */;
CREATE TABLE `practice_attempt` (
  `id` bigint(20) NOT NULL AUTO_INCREMENT,
  `person_id` bigint(20) NOT NULL,
  `level` varchar(20) NOT NULL,
  `grade` varchar(10) NOT NULL,
  `seed` int(11) NOT NULL CHECK (`seed` > 0),
  `begun_at` timestamp(3) NOT NULL,
  `ended_at` timestamp(3) NULL DEFAULT NULL,
  `hints` int(11) NOT NULL DEFAULT 0 CHECK (`hints` >= 0),
  `gave_up` tinyint(1) NOT NULL DEFAULT 0,
  `points` int(11) DEFAULT NULL CHECK (`points` between 0 and 100),
  `solved` tinyint(1) NOT NULL DEFAULT 0,
  PRIMARY KEY (`id`),
  KEY `person_id` (`person_id`,`level`,`grade`,`seed`,`id`),
  CONSTRAINT `practice_attempt_ibfk_1` FOREIGN KEY (`person_id`) REFERENCES `practice_person` (`id`) ON DELETE CASCADE,
  CONSTRAINT `CONSTRAINT_1` CHECK (`ended_at` is null = (`points` is null))
) ENGINE=InnoDB DEFAULT CHARSET=utf8mb4 COLLATE=utf8mb4_bin;
/*!40101 SET character_set_client = @saved_cs_client */;

--
-- Dumping data for table `practice_attempt`
--

LOCK TABLES `practice_attempt` WRITE;
/*!40000 ALTER TABLE `practice_attempt` DISABLE KEYS */;
/*!40000 ALTER TABLE `practice_attempt` ENABLE KEYS */;
UNLOCK TABLES;

--
-- Table structure for table `practice_person`
--

DROP TABLE IF EXISTS `practice_person`;
/*!40101 SET @saved_cs_client     = @@character_set_client */;
/*!40101 SET character_set_client = utf8mb4 */;
CREATE TABLE `practice_person` (
  `id` bigint(20) NOT NULL AUTO_INCREMENT,
  `name` varchar(60) NOT NULL,
  `made_at` timestamp(3) NOT NULL,
  PRIMARY KEY (`id`),
  UNIQUE KEY `name` (`name`)
) ENGINE=InnoDB AUTO_INCREMENT=2 DEFAULT CHARSET=utf8mb4 COLLATE=utf8mb4_bin;
/*!40101 SET character_set_client = @saved_cs_client */;

--
-- Dumping data for table `practice_person`
--

LOCK TABLES `practice_person` WRITE;
/*!40000 ALTER TABLE `practice_person` DISABLE KEYS */;
INSERT INTO `practice_person` VALUES
(1,'Somebody','2026-11-30 22:10:07.054');
/*!40000 ALTER TABLE `practice_person` ENABLE KEYS */;
UNLOCK TABLES;

--
-- Table structure for table `safe_record`
--

DROP TABLE IF EXISTS `safe_record`;
/*!40101 SET @saved_cs_client     = @@character_set_client */;
/*!40101 SET character_set_client = utf8mb4 */;
CREATE TABLE `safe_record` (
  `job_id` bigint(20) NOT NULL,
  `disconnect` enum('PLUG','LOCKED','FUSES','LOOSE') NOT NULL,
  `note` varchar(200) NOT NULL,
  `meter_before` tinyint(1) NOT NULL,
  `dead` tinyint(1) NOT NULL,
  `meter_after` tinyint(1) NOT NULL,
  `no_capacitor` tinyint(1) NOT NULL,
  PRIMARY KEY (`job_id`),
  CONSTRAINT `safe_record_ibfk_1` FOREIGN KEY (`job_id`) REFERENCES `job` (`id`) ON DELETE CASCADE
) ENGINE=InnoDB DEFAULT CHARSET=utf8mb4 COLLATE=utf8mb4_bin;
/*!40101 SET character_set_client = @saved_cs_client */;

--
-- Dumping data for table `safe_record`
--

LOCK TABLES `safe_record` WRITE;
/*!40000 ALTER TABLE `safe_record` DISABLE KEYS */;
INSERT INTO `safe_record` VALUES
(1,'PLUG','Plug in my pocket',1,1,1,0),
(2,'LOOSE','',0,0,0,1),
(3,'LOOSE','',0,0,0,1),
(4,'LOOSE','',0,0,0,1),
(5,'LOOSE','',0,0,0,1),
(6,'LOOSE','',0,0,0,1),
(7,'LOOSE','',0,0,0,1),
(8,'LOOSE','',0,0,0,1),
(9,'LOOSE','',0,0,0,1),
(10,'LOOSE','',0,0,0,1);
/*!40000 ALTER TABLE `safe_record` ENABLE KEYS */;
UNLOCK TABLES;

--
-- Table structure for table `shop`
--

DROP TABLE IF EXISTS `shop`;
/*!40101 SET @saved_cs_client     = @@character_set_client */;
/*!40101 SET character_set_client = utf8mb4 */;
CREATE TABLE `shop` (
  `id` bigint(20) NOT NULL AUTO_INCREMENT,
  `name` varchar(80) NOT NULL,
  `region` enum('NORTH_AMERICA','IEC') NOT NULL,
  `set_aside_at` timestamp(3) NULL DEFAULT NULL,
  `zone` varchar(40) NOT NULL DEFAULT 'UTC',
  `version` int(11) NOT NULL DEFAULT 0 CHECK (`version` >= 0),
  PRIMARY KEY (`id`),
  UNIQUE KEY `name` (`name`)
) ENGINE=InnoDB AUTO_INCREMENT=3 DEFAULT CHARSET=utf8mb4 COLLATE=utf8mb4_bin;
/*!40101 SET character_set_client = @saved_cs_client */;

--
-- Dumping data for table `shop`
--

LOCK TABLES `shop` WRITE;
/*!40000 ALTER TABLE `shop` DISABLE KEYS */;
INSERT INTO `shop` VALUES
(1,'Saltmarsh Orchard','NORTH_AMERICA',NULL,'UTC',0),
(2,'Tern Quay Pottery','IEC',NULL,'UTC',0);
/*!40000 ALTER TABLE `shop` ENABLE KEYS */;
UNLOCK TABLES;

--
-- Table structure for table `shop_outlet`
--

DROP TABLE IF EXISTS `shop_outlet`;
/*!40101 SET @saved_cs_client     = @@character_set_client */;
/*!40101 SET character_set_client = utf8mb4 */;
CREATE TABLE `shop_outlet` (
  `shop_id` bigint(20) NOT NULL,
  `outlet` varchar(60) NOT NULL,
  PRIMARY KEY (`shop_id`,`outlet`),
  CONSTRAINT `shop_outlet_ibfk_1` FOREIGN KEY (`shop_id`) REFERENCES `shop` (`id`) ON DELETE CASCADE
) ENGINE=InnoDB DEFAULT CHARSET=utf8mb4 COLLATE=utf8mb4_bin;
/*!40101 SET character_set_client = @saved_cs_client */;

--
-- Dumping data for table `shop_outlet`
--

LOCK TABLES `shop_outlet` WRITE;
/*!40000 ALTER TABLE `shop_outlet` DISABLE KEYS */;
INSERT INTO `shop_outlet` VALUES
(1,'NEMA 5-15'),
(1,'NEMA 5-20'),
(1,'NEMA 6-15');
/*!40000 ALTER TABLE `shop_outlet` ENABLE KEYS */;
UNLOCK TABLES;

--
-- Table structure for table `spare`
--

DROP TABLE IF EXISTS `spare`;
/*!40101 SET @saved_cs_client     = @@character_set_client */;
/*!40101 SET character_set_client = utf8mb4 */;
CREATE TABLE `spare` (
  `motor_id` bigint(20) NOT NULL,
  `name` varchar(80) NOT NULL,
  `came_from` varchar(80) NOT NULL,
  `note` varchar(500) NOT NULL,
  `tested` tinyint(1) NOT NULL,
  `start_ends_out` tinyint(1) DEFAULT NULL,
  `shaft` varchar(20) NOT NULL,
  `shaft_key` varchar(20) NOT NULL,
  `height` varchar(20) NOT NULL,
  `fixing` enum('FEET','FACE','BOTH','UNKNOWN') NOT NULL,
  `put_at` timestamp(3) NOT NULL,
  `person_id` bigint(20) NOT NULL,
  `scrapped_at` timestamp(3) NULL DEFAULT NULL,
  `scrapped_why` varchar(200) NOT NULL DEFAULT '',
  PRIMARY KEY (`motor_id`),
  KEY `person_id` (`person_id`),
  CONSTRAINT `spare_ibfk_1` FOREIGN KEY (`motor_id`) REFERENCES `motor` (`id`) ON DELETE CASCADE,
  CONSTRAINT `spare_ibfk_2` FOREIGN KEY (`person_id`) REFERENCES `person` (`id`)
) ENGINE=InnoDB DEFAULT CHARSET=utf8mb4 COLLATE=utf8mb4_bin;
/*!40101 SET character_set_client = @saved_cs_client */;

--
-- Dumping data for table `spare`
--

LOCK TABLES `spare` WRITE;
/*!40000 ALTER TABLE `spare` DISABLE KEYS */;
INSERT INTO `spare` VALUES
(8,'Cider pump motor, grey','the old cider pump','Pump seized, motor sound. Shaft threaded M10 at its end.',1,1,'5/8','3/16','3 1/2','FEET','2026-11-30 08:02:47.586',1,NULL,''),
(9,'Green blower motor','a barn fan','Leads cut short, thermal contacts cut off.',0,NULL,'1/2','','','FACE','2026-11-30 08:02:47.611',1,NULL,''),
(10,'Motor from the hedge','','Plate painted over. Smells of nothing.',0,NULL,'16 mm','','90 mm','FEET','2026-11-30 08:02:47.615',1,NULL,'');
/*!40000 ALTER TABLE `spare` ENABLE KEYS */;
UNLOCK TABLES;

--
-- Table structure for table `start_trial`
--

DROP TABLE IF EXISTS `start_trial`;
/*!40101 SET @saved_cs_client     = @@character_set_client */;
/*!40101 SET character_set_client = utf8mb4 */;
CREATE TABLE `start_trial` (
  `id` bigint(20) NOT NULL AUTO_INCREMENT,
  `motor_id` bigint(20) NOT NULL,
  `name` varchar(1) NOT NULL,
  `first_end` varchar(12) NOT NULL,
  `second_end` varchar(12) NOT NULL,
  `outcome` enum('REVERSED','SAME_WAY','NOT_STARTED','PUT_BACK') NOT NULL,
  `direction` enum('NOT_STATED','CLOCKWISE','COUNTER_CLOCKWISE') NOT NULL,
  `seen_from` enum('SHAFT_END','OPPOSITE_END') NOT NULL,
  `note` varchar(300) NOT NULL,
  `jpeg` mediumblob DEFAULT NULL,
  `at` timestamp(3) NOT NULL,
  `person_id` bigint(20) NOT NULL,
  PRIMARY KEY (`id`),
  KEY `motor_id` (`motor_id`,`id`),
  KEY `person_id` (`person_id`),
  CONSTRAINT `start_trial_ibfk_1` FOREIGN KEY (`motor_id`) REFERENCES `motor` (`id`) ON DELETE CASCADE,
  CONSTRAINT `start_trial_ibfk_2` FOREIGN KEY (`person_id`) REFERENCES `person` (`id`)
) ENGINE=InnoDB DEFAULT CHARSET=utf8mb4 COLLATE=utf8mb4_bin;
/*!40101 SET character_set_client = @saved_cs_client */;

--
-- Dumping data for table `start_trial`
--

LOCK TABLES `start_trial` WRITE;
/*!40000 ALTER TABLE `start_trial` DISABLE KEYS */;
/*!40000 ALTER TABLE `start_trial` ENABLE KEYS */;
UNLOCK TABLES;

--
-- Table structure for table `stud`
--

DROP TABLE IF EXISTS `stud`;
/*!40101 SET @saved_cs_client     = @@character_set_client */;
/*!40101 SET character_set_client = utf8mb4 */;
CREATE TABLE `stud` (
  `motor_id` bigint(20) NOT NULL,
  `mark` varchar(6) NOT NULL,
  `face_row` tinyint(4) NOT NULL,
  `face_column` tinyint(4) NOT NULL,
  PRIMARY KEY (`motor_id`,`mark`),
  UNIQUE KEY `motor_id` (`motor_id`,`face_row`,`face_column`),
  CONSTRAINT `stud_ibfk_1` FOREIGN KEY (`motor_id`) REFERENCES `motor` (`id`) ON DELETE CASCADE
) ENGINE=InnoDB DEFAULT CHARSET=utf8mb4 COLLATE=utf8mb4_bin;
/*!40101 SET character_set_client = @saved_cs_client */;

--
-- Dumping data for table `stud`
--

LOCK TABLES `stud` WRITE;
/*!40000 ALTER TABLE `stud` DISABLE KEYS */;
INSERT INTO `stud` VALUES
(11,'U1',0,0),
(11,'V1',0,1),
(11,'U2',1,0),
(11,'V2',1,1);
/*!40000 ALTER TABLE `stud` ENABLE KEYS */;
UNLOCK TABLES;

--
-- Table structure for table `switch_buzz`
--

DROP TABLE IF EXISTS `switch_buzz`;
/*!40101 SET @saved_cs_client     = @@character_set_client */;
/*!40101 SET character_set_client = utf8mb4 */;
CREATE TABLE `switch_buzz` (
  `id` bigint(20) NOT NULL AUTO_INCREMENT,
  `map_id` bigint(20) NOT NULL,
  `position` enum('FORWARD','OFF','REVERSE') NOT NULL,
  `terminal_a` varchar(4) NOT NULL,
  `terminal_b` varchar(4) NOT NULL,
  `result` enum('CLOSED','OPEN','SOMETIMES') NOT NULL,
  `at` timestamp(3) NOT NULL,
  PRIMARY KEY (`id`),
  KEY `map_id` (`map_id`),
  CONSTRAINT `switch_buzz_ibfk_1` FOREIGN KEY (`map_id`) REFERENCES `switch_map` (`id`) ON DELETE CASCADE,
  CONSTRAINT `CONSTRAINT_1` CHECK (`terminal_a` <> `terminal_b`)
) ENGINE=InnoDB DEFAULT CHARSET=utf8mb4 COLLATE=utf8mb4_bin;
/*!40101 SET character_set_client = @saved_cs_client */;

--
-- Dumping data for table `switch_buzz`
--

LOCK TABLES `switch_buzz` WRITE;
/*!40000 ALTER TABLE `switch_buzz` DISABLE KEYS */;
/*!40000 ALTER TABLE `switch_buzz` ENABLE KEYS */;
UNLOCK TABLES;

--
-- Table structure for table `switch_contact`
--

DROP TABLE IF EXISTS `switch_contact`;
/*!40101 SET @saved_cs_client     = @@character_set_client */;
/*!40101 SET character_set_client = utf8mb4 */;
CREATE TABLE `switch_contact` (
  `switch_id` bigint(20) NOT NULL,
  `position` enum('FORWARD','OFF','REVERSE') NOT NULL,
  `terminal_a` bigint(20) NOT NULL,
  `terminal_b` bigint(20) NOT NULL,
  PRIMARY KEY (`switch_id`,`position`,`terminal_a`,`terminal_b`),
  KEY `terminal_a` (`terminal_a`,`switch_id`),
  KEY `terminal_b` (`terminal_b`,`switch_id`),
  CONSTRAINT `switch_contact_ibfk_1` FOREIGN KEY (`terminal_a`, `switch_id`) REFERENCES `switch_terminal` (`id`, `switch_id`) ON DELETE CASCADE,
  CONSTRAINT `switch_contact_ibfk_2` FOREIGN KEY (`terminal_b`, `switch_id`) REFERENCES `switch_terminal` (`id`, `switch_id`) ON DELETE CASCADE,
  CONSTRAINT `CONSTRAINT_1` CHECK (`terminal_a` <> `terminal_b`)
) ENGINE=InnoDB DEFAULT CHARSET=utf8mb4 COLLATE=utf8mb4_bin;
/*!40101 SET character_set_client = @saved_cs_client */;

--
-- Dumping data for table `switch_contact`
--

LOCK TABLES `switch_contact` WRITE;
/*!40000 ALTER TABLE `switch_contact` DISABLE KEYS */;
INSERT INTO `switch_contact` VALUES
(1,'FORWARD',1,3),
(1,'FORWARD',2,4),
(1,'FORWARD',5,6),
(1,'REVERSE',1,2),
(1,'REVERSE',3,4),
(1,'REVERSE',5,6),
(2,'FORWARD',7,8),
(2,'FORWARD',7,9),
(2,'FORWARD',10,11),
(2,'FORWARD',11,12),
(2,'REVERSE',7,8),
(2,'REVERSE',7,10),
(2,'REVERSE',9,11),
(2,'REVERSE',11,12),
(3,'FORWARD',13,15),
(3,'FORWARD',14,16),
(3,'FORWARD',17,18),
(3,'REVERSE',13,14),
(3,'REVERSE',15,16),
(3,'REVERSE',17,18),
(4,'FORWARD',19,21),
(4,'FORWARD',20,22),
(4,'REVERSE',21,23),
(4,'REVERSE',22,24),
(5,'FORWARD',25,27),
(5,'FORWARD',26,28),
(5,'REVERSE',27,29),
(5,'REVERSE',28,30),
(6,'FORWARD',31,33),
(6,'FORWARD',32,34),
(6,'REVERSE',33,35),
(6,'REVERSE',34,36),
(7,'FORWARD',37,40),
(7,'FORWARD',38,41),
(7,'FORWARD',39,42),
(7,'REVERSE',40,43),
(7,'REVERSE',41,44),
(7,'REVERSE',42,45),
(8,'FORWARD',46,49),
(8,'FORWARD',47,50),
(8,'FORWARD',48,51),
(8,'REVERSE',49,52),
(8,'REVERSE',50,53),
(8,'REVERSE',51,54),
(9,'FORWARD',55,58),
(9,'FORWARD',56,59),
(9,'FORWARD',57,60),
(9,'REVERSE',58,61),
(9,'REVERSE',59,62),
(9,'REVERSE',60,63),
(10,'FORWARD',64,68),
(10,'FORWARD',65,69),
(10,'FORWARD',66,70),
(10,'FORWARD',67,71),
(10,'REVERSE',68,72),
(10,'REVERSE',69,73),
(10,'REVERSE',70,74),
(10,'REVERSE',71,75),
(11,'FORWARD',76,80),
(11,'FORWARD',77,81),
(11,'FORWARD',78,82),
(11,'FORWARD',79,83),
(11,'REVERSE',80,84),
(11,'REVERSE',81,85),
(11,'REVERSE',82,86),
(11,'REVERSE',83,87),
(12,'FORWARD',88,89),
(12,'FORWARD',90,91),
(12,'REVERSE',92,93),
(12,'REVERSE',94,95),
(13,'FORWARD',96,97),
(13,'FORWARD',98,99),
(13,'FORWARD',104,105),
(13,'REVERSE',100,101),
(13,'REVERSE',102,103),
(13,'REVERSE',104,105),
(14,'FORWARD',106,107),
(14,'FORWARD',108,109),
(14,'FORWARD',114,115),
(14,'FORWARD',116,117),
(14,'REVERSE',110,111),
(14,'REVERSE',112,113),
(14,'REVERSE',114,115),
(14,'REVERSE',116,117),
(15,'FORWARD',118,119),
(15,'FORWARD',120,121),
(15,'FORWARD',122,124),
(15,'FORWARD',123,125),
(15,'REVERSE',118,119),
(15,'REVERSE',120,121),
(15,'REVERSE',122,125),
(15,'REVERSE',123,124),
(18,'FORWARD',126,128),
(18,'FORWARD',127,129),
(18,'FORWARD',130,131),
(18,'REVERSE',126,127),
(18,'REVERSE',128,129),
(18,'REVERSE',130,131),
(19,'FORWARD',132,133),
(19,'FORWARD',132,134),
(19,'FORWARD',135,136),
(19,'FORWARD',136,137),
(19,'REVERSE',132,133),
(19,'REVERSE',132,135),
(19,'REVERSE',134,136),
(19,'REVERSE',136,137),
(20,'FORWARD',138,140),
(20,'FORWARD',139,141),
(20,'FORWARD',142,143),
(20,'REVERSE',138,139),
(20,'REVERSE',140,141),
(20,'REVERSE',142,143),
(21,'FORWARD',144,146),
(21,'FORWARD',145,147),
(21,'REVERSE',146,148),
(21,'REVERSE',147,149),
(22,'FORWARD',150,152),
(22,'FORWARD',151,153),
(22,'REVERSE',152,154),
(22,'REVERSE',153,155),
(23,'FORWARD',156,158),
(23,'FORWARD',157,159),
(23,'REVERSE',158,160),
(23,'REVERSE',159,161),
(24,'FORWARD',162,165),
(24,'FORWARD',163,166),
(24,'FORWARD',164,167),
(24,'REVERSE',165,168),
(24,'REVERSE',166,169),
(24,'REVERSE',167,170),
(25,'FORWARD',171,174),
(25,'FORWARD',172,175),
(25,'FORWARD',173,176),
(25,'REVERSE',174,177),
(25,'REVERSE',175,178),
(25,'REVERSE',176,179),
(26,'FORWARD',180,183),
(26,'FORWARD',181,184),
(26,'FORWARD',182,185),
(26,'REVERSE',183,186),
(26,'REVERSE',184,187),
(26,'REVERSE',185,188),
(27,'FORWARD',189,193),
(27,'FORWARD',190,194),
(27,'FORWARD',191,195),
(27,'FORWARD',192,196),
(27,'REVERSE',193,197),
(27,'REVERSE',194,198),
(27,'REVERSE',195,199),
(27,'REVERSE',196,200),
(28,'FORWARD',201,205),
(28,'FORWARD',202,206),
(28,'FORWARD',203,207),
(28,'FORWARD',204,208),
(28,'REVERSE',205,209),
(28,'REVERSE',206,210),
(28,'REVERSE',207,211),
(28,'REVERSE',208,212),
(29,'FORWARD',213,214),
(29,'FORWARD',215,216),
(29,'REVERSE',217,218),
(29,'REVERSE',219,220),
(30,'FORWARD',221,222),
(30,'FORWARD',223,224),
(30,'FORWARD',229,230),
(30,'REVERSE',225,226),
(30,'REVERSE',227,228),
(30,'REVERSE',229,230),
(31,'FORWARD',231,232),
(31,'FORWARD',233,234),
(31,'FORWARD',239,240),
(31,'FORWARD',241,242),
(31,'REVERSE',235,236),
(31,'REVERSE',237,238),
(31,'REVERSE',239,240),
(31,'REVERSE',241,242),
(32,'FORWARD',243,244),
(32,'FORWARD',245,246),
(32,'FORWARD',247,249),
(32,'FORWARD',248,250),
(32,'REVERSE',243,244),
(32,'REVERSE',245,246),
(32,'REVERSE',247,250),
(32,'REVERSE',248,249);
/*!40000 ALTER TABLE `switch_contact` ENABLE KEYS */;
UNLOCK TABLES;

--
-- Table structure for table `switch_device`
--

DROP TABLE IF EXISTS `switch_device`;
/*!40101 SET @saved_cs_client     = @@character_set_client */;
/*!40101 SET character_set_client = utf8mb4 */;
CREATE TABLE `switch_device` (
  `id` bigint(20) NOT NULL AUTO_INCREMENT,
  `shop_id` bigint(20) NOT NULL,
  `kind` varchar(40) NOT NULL,
  `name` varchar(80) NOT NULL,
  `hint` varchar(300) NOT NULL,
  `spring_return` tinyint(1) NOT NULL DEFAULT 0,
  `has_off` tinyint(1) NOT NULL DEFAULT 1,
  PRIMARY KEY (`id`),
  UNIQUE KEY `shop_id` (`shop_id`,`kind`),
  UNIQUE KEY `id` (`id`,`shop_id`),
  CONSTRAINT `switch_device_ibfk_1` FOREIGN KEY (`shop_id`) REFERENCES `shop` (`id`)
) ENGINE=InnoDB AUTO_INCREMENT=41 DEFAULT CHARSET=utf8mb4 COLLATE=utf8mb4_bin;
/*!40101 SET character_set_client = @saved_cs_client */;

--
-- Dumping data for table `switch_device`
--

LOCK TABLES `switch_device` WRITE;
/*!40000 ALTER TABLE `switch_device` DISABLE KEYS */;
INSERT INTO `switch_device` VALUES
(1,1,'cross-corner-drum','Cross-corner drum','Six terminals in three rows. The upper four cross over, the lower pair is on both ways.',0,1),
(2,1,'centre-swap-drum','Centre-swap drum','Six terminals in two columns. Top pair and bottom pair each take one centre, the other way the other.',0,1),
(3,1,'cross-corner-drum-spring','Cross-corner drum, spring return','As the cross-corner drum, but the handle springs back to the middle.',1,1),
(4,1,'dpdt-centre-off','DPDT toggle, centre off','Six terminals, the commons in the middle row.',0,1),
(5,1,'dpdt-straight-across','DPDT toggle, no centre','Six terminals, the commons in the middle row; the handle rests on one side or the other.',0,0),
(6,1,'dpdt-spring','DPDT toggle, spring return','Six terminals, the commons in the middle row; the handle springs back from both sides.',1,1),
(7,1,'tpdt-centre-off','3PDT toggle, centre off','Nine terminals, the commons in the middle row.',0,1),
(8,1,'tpdt-straight-across','3PDT toggle, no centre','Nine terminals, the commons in the middle row; the handle rests on one side or the other.',0,0),
(9,1,'tpdt-spring','3PDT toggle, spring return','Nine terminals, the commons in the middle row; the handle springs back from both sides.',1,1),
(10,1,'4pdt-centre-off','4PDT toggle, centre off','Twelve terminals, the commons in the middle row.',0,1),
(11,1,'4pdt-straight-across','4PDT toggle, no centre','Twelve terminals, the commons in the middle row; the handle rests on one side or the other.',0,0),
(12,1,'cam-8','Cam switch, 8 terminals','Four pairs side by side: two close one way, two the other way.',0,1),
(13,1,'cam-10','Cam switch, 10 terminals','Five pairs side by side: two close one way, two the other way, one both ways.',0,1),
(14,1,'cam-12','Cam switch, 12 terminals','Six pairs side by side: two close one way, two the other way, two both ways.',0,1),
(15,1,'two-tier','Two-tier switch','Upper deck on and off, lower deck crosses a pair over. Links join the decks; they come out unless the plan uses them.',0,1),
(16,1,'contactors-3','Two contactors, three poles','K1 is in one way, K2 the other; push-buttons and a control circuit work them.',0,1),
(17,1,'contactors-4','Two contactors, four poles','K1 is in one way, K2 the other; push-buttons and a control circuit work them.',0,1),
(18,2,'cross-corner-drum','Cross-corner drum','Six terminals in three rows. The upper four cross over, the lower pair is on both ways.',0,1),
(19,2,'centre-swap-drum','Centre-swap drum','Six terminals in two columns. Top pair and bottom pair each take one centre, the other way the other.',0,1),
(20,2,'cross-corner-drum-spring','Cross-corner drum, spring return','As the cross-corner drum, but the handle springs back to the middle.',1,1),
(21,2,'dpdt-centre-off','DPDT toggle, centre off','Six terminals, the commons in the middle row.',0,1),
(22,2,'dpdt-straight-across','DPDT toggle, no centre','Six terminals, the commons in the middle row; the handle rests on one side or the other.',0,0),
(23,2,'dpdt-spring','DPDT toggle, spring return','Six terminals, the commons in the middle row; the handle springs back from both sides.',1,1),
(24,2,'tpdt-centre-off','3PDT toggle, centre off','Nine terminals, the commons in the middle row.',0,1),
(25,2,'tpdt-straight-across','3PDT toggle, no centre','Nine terminals, the commons in the middle row; the handle rests on one side or the other.',0,0),
(26,2,'tpdt-spring','3PDT toggle, spring return','Nine terminals, the commons in the middle row; the handle springs back from both sides.',1,1),
(27,2,'4pdt-centre-off','4PDT toggle, centre off','Twelve terminals, the commons in the middle row.',0,1),
(28,2,'4pdt-straight-across','4PDT toggle, no centre','Twelve terminals, the commons in the middle row; the handle rests on one side or the other.',0,0),
(29,2,'cam-8','Cam switch, 8 terminals','Four pairs side by side: two close one way, two the other way.',0,1),
(30,2,'cam-10','Cam switch, 10 terminals','Five pairs side by side: two close one way, two the other way, one both ways.',0,1),
(31,2,'cam-12','Cam switch, 12 terminals','Six pairs side by side: two close one way, two the other way, two both ways.',0,1),
(32,2,'two-tier','Two-tier switch','Upper deck on and off, lower deck crosses a pair over. Links join the decks; they come out unless the plan uses them.',0,1),
(33,2,'contactors-3','Two contactors, three poles','K1 is in one way, K2 the other; push-buttons and a control circuit work them.',0,1),
(34,2,'contactors-4','Two contactors, four poles','K1 is in one way, K2 the other; push-buttons and a control circuit work them.',0,1),
(35,1,'on-off-1','On and off, one pole','Two terminals: a toggle, a rocker, a push-pull switch. It breaks one line; the other stays on the motor.',0,1),
(36,1,'on-off-2','On and off, two poles','Four terminals: a toggle, a push-pull switch, a manual starter. Both lines are broken.',0,1),
(37,1,'by-itself-2','Pressure or float switch','Four terminals, the line\'s outside. It makes and breaks both lines by itself: the motor starts without warning.',0,1),
(38,2,'on-off-1','On and off, one pole','Two terminals: a toggle, a rocker, a push-pull switch. It breaks one line; the other stays on the motor.',0,1),
(39,2,'on-off-2','On and off, two poles','Four terminals: a toggle, a push-pull switch, a manual starter. Both lines are broken.',0,1),
(40,2,'by-itself-2','Pressure or float switch','Four terminals, the line\'s outside. It makes and breaks both lines by itself: the motor starts without warning.',0,1);
/*!40000 ALTER TABLE `switch_device` ENABLE KEYS */;
UNLOCK TABLES;

--
-- Table structure for table `switch_link`
--

DROP TABLE IF EXISTS `switch_link`;
/*!40101 SET @saved_cs_client     = @@character_set_client */;
/*!40101 SET character_set_client = utf8mb4 */;
CREATE TABLE `switch_link` (
  `switch_id` bigint(20) NOT NULL,
  `terminal_a` bigint(20) NOT NULL,
  `terminal_b` bigint(20) NOT NULL,
  PRIMARY KEY (`switch_id`,`terminal_a`,`terminal_b`),
  KEY `terminal_a` (`terminal_a`,`switch_id`),
  KEY `terminal_b` (`terminal_b`,`switch_id`),
  CONSTRAINT `switch_link_ibfk_1` FOREIGN KEY (`terminal_a`, `switch_id`) REFERENCES `switch_terminal` (`id`, `switch_id`) ON DELETE CASCADE,
  CONSTRAINT `switch_link_ibfk_2` FOREIGN KEY (`terminal_b`, `switch_id`) REFERENCES `switch_terminal` (`id`, `switch_id`) ON DELETE CASCADE,
  CONSTRAINT `CONSTRAINT_1` CHECK (`terminal_a` <> `terminal_b`)
) ENGINE=InnoDB DEFAULT CHARSET=utf8mb4 COLLATE=utf8mb4_bin;
/*!40101 SET character_set_client = @saved_cs_client */;

--
-- Dumping data for table `switch_link`
--

LOCK TABLES `switch_link` WRITE;
/*!40000 ALTER TABLE `switch_link` DISABLE KEYS */;
INSERT INTO `switch_link` VALUES
(15,119,122),
(15,121,123),
(32,244,247),
(32,246,248);
/*!40000 ALTER TABLE `switch_link` ENABLE KEYS */;
UNLOCK TABLES;

--
-- Table structure for table `switch_map`
--

DROP TABLE IF EXISTS `switch_map`;
/*!40101 SET @saved_cs_client     = @@character_set_client */;
/*!40101 SET character_set_client = utf8mb4 */;
CREATE TABLE `switch_map` (
  `id` bigint(20) NOT NULL AUTO_INCREMENT,
  `job_id` bigint(20) NOT NULL,
  `name` varchar(80) NOT NULL,
  `face` varchar(200) NOT NULL,
  `has_off` tinyint(1) NOT NULL,
  `spring_return` tinyint(1) NOT NULL,
  `pairs_only` tinyint(1) NOT NULL,
  `links` varchar(120) NOT NULL,
  PRIMARY KEY (`id`),
  KEY `job_id` (`job_id`),
  CONSTRAINT `switch_map_ibfk_1` FOREIGN KEY (`job_id`) REFERENCES `job` (`id`) ON DELETE CASCADE
) ENGINE=InnoDB AUTO_INCREMENT=2 DEFAULT CHARSET=utf8mb4 COLLATE=utf8mb4_bin;
/*!40101 SET character_set_client = @saved_cs_client */;

--
-- Dumping data for table `switch_map`
--

LOCK TABLES `switch_map` WRITE;
/*!40000 ALTER TABLE `switch_map` DISABLE KEYS */;
INSERT INTO `switch_map` VALUES
(1,4,'Cam switch, drill','1 2 3 4 5 6 / 7 8 9 10 11 12',1,0,1,'');
/*!40000 ALTER TABLE `switch_map` ENABLE KEYS */;
UNLOCK TABLES;

--
-- Table structure for table `switch_terminal`
--

DROP TABLE IF EXISTS `switch_terminal`;
/*!40101 SET @saved_cs_client     = @@character_set_client */;
/*!40101 SET character_set_client = utf8mb4 */;
CREATE TABLE `switch_terminal` (
  `id` bigint(20) NOT NULL AUTO_INCREMENT,
  `switch_id` bigint(20) NOT NULL,
  `mark` varchar(12) NOT NULL,
  `face_row` tinyint(4) NOT NULL,
  `face_column` tinyint(4) NOT NULL,
  `worn` tinyint(1) NOT NULL DEFAULT 0,
  PRIMARY KEY (`id`),
  UNIQUE KEY `switch_id` (`switch_id`,`mark`),
  UNIQUE KEY `switch_id_2` (`switch_id`,`face_row`,`face_column`),
  UNIQUE KEY `id` (`id`,`switch_id`),
  CONSTRAINT `switch_terminal_ibfk_1` FOREIGN KEY (`switch_id`) REFERENCES `switch_device` (`id`) ON DELETE CASCADE
) ENGINE=InnoDB AUTO_INCREMENT=251 DEFAULT CHARSET=utf8mb4 COLLATE=utf8mb4_bin;
/*!40101 SET character_set_client = @saved_cs_client */;

--
-- Dumping data for table `switch_terminal`
--

LOCK TABLES `switch_terminal` WRITE;
/*!40000 ALTER TABLE `switch_terminal` DISABLE KEYS */;
INSERT INTO `switch_terminal` VALUES
(1,1,'1',0,0,0),
(2,1,'2',0,1,0),
(3,1,'3',1,0,0),
(4,1,'4',1,1,0),
(5,1,'5',2,0,0),
(6,1,'6',2,1,0),
(7,2,'1',0,0,0),
(8,2,'2',0,1,0),
(9,2,'3',1,0,0),
(10,2,'4',1,1,0),
(11,2,'5',2,0,0),
(12,2,'6',2,1,0),
(13,3,'1',0,0,0),
(14,3,'2',0,1,0),
(15,3,'3',1,0,0),
(16,3,'4',1,1,0),
(17,3,'5',2,0,0),
(18,3,'6',2,1,0),
(19,4,'1',0,0,0),
(20,4,'2',0,1,0),
(21,4,'3',1,0,0),
(22,4,'4',1,1,0),
(23,4,'5',2,0,0),
(24,4,'6',2,1,0),
(25,5,'1',0,0,0),
(26,5,'2',0,1,0),
(27,5,'3',1,0,0),
(28,5,'4',1,1,0),
(29,5,'5',2,0,0),
(30,5,'6',2,1,0),
(31,6,'1',0,0,0),
(32,6,'2',0,1,0),
(33,6,'3',1,0,0),
(34,6,'4',1,1,0),
(35,6,'5',2,0,0),
(36,6,'6',2,1,0),
(37,7,'1',0,0,0),
(38,7,'2',0,1,0),
(39,7,'3',0,2,0),
(40,7,'4',1,0,0),
(41,7,'5',1,1,0),
(42,7,'6',1,2,0),
(43,7,'7',2,0,0),
(44,7,'8',2,1,0),
(45,7,'9',2,2,0),
(46,8,'1',0,0,0),
(47,8,'2',0,1,0),
(48,8,'3',0,2,0),
(49,8,'4',1,0,0),
(50,8,'5',1,1,0),
(51,8,'6',1,2,0),
(52,8,'7',2,0,0),
(53,8,'8',2,1,0),
(54,8,'9',2,2,0),
(55,9,'1',0,0,0),
(56,9,'2',0,1,0),
(57,9,'3',0,2,0),
(58,9,'4',1,0,0),
(59,9,'5',1,1,0),
(60,9,'6',1,2,0),
(61,9,'7',2,0,0),
(62,9,'8',2,1,0),
(63,9,'9',2,2,0),
(64,10,'1',0,0,0),
(65,10,'2',0,1,0),
(66,10,'3',0,2,0),
(67,10,'4',0,3,0),
(68,10,'5',1,0,0),
(69,10,'6',1,1,0),
(70,10,'7',1,2,0),
(71,10,'8',1,3,0),
(72,10,'9',2,0,0),
(73,10,'10',2,1,0),
(74,10,'11',2,2,0),
(75,10,'12',2,3,0),
(76,11,'1',0,0,0),
(77,11,'2',0,1,0),
(78,11,'3',0,2,0),
(79,11,'4',0,3,0),
(80,11,'5',1,0,0),
(81,11,'6',1,1,0),
(82,11,'7',1,2,0),
(83,11,'8',1,3,0),
(84,11,'9',2,0,0),
(85,11,'10',2,1,0),
(86,11,'11',2,2,0),
(87,11,'12',2,3,0),
(88,12,'1',0,0,0),
(89,12,'2',0,1,0),
(90,12,'3',1,0,0),
(91,12,'4',1,1,0),
(92,12,'5',2,0,0),
(93,12,'6',2,1,0),
(94,12,'7',3,0,0),
(95,12,'8',3,1,0),
(96,13,'1',0,0,0),
(97,13,'2',0,1,0),
(98,13,'3',1,0,0),
(99,13,'4',1,1,0),
(100,13,'5',2,0,0),
(101,13,'6',2,1,0),
(102,13,'7',3,0,0),
(103,13,'8',3,1,0),
(104,13,'9',4,0,0),
(105,13,'10',4,1,0),
(106,14,'1',0,0,0),
(107,14,'2',0,1,0),
(108,14,'3',1,0,0),
(109,14,'4',1,1,0),
(110,14,'5',2,0,0),
(111,14,'6',2,1,0),
(112,14,'7',3,0,0),
(113,14,'8',3,1,0),
(114,14,'9',4,0,0),
(115,14,'10',4,1,0),
(116,14,'11',5,0,0),
(117,14,'12',5,1,0),
(118,15,'1',0,0,0),
(119,15,'2',0,1,0),
(120,15,'3',1,0,0),
(121,15,'4',1,1,0),
(122,15,'5',2,0,0),
(123,15,'6',2,1,0),
(124,15,'7',3,0,0),
(125,15,'8',3,1,0),
(126,18,'1',0,0,0),
(127,18,'2',0,1,0),
(128,18,'3',1,0,0),
(129,18,'4',1,1,0),
(130,18,'5',2,0,0),
(131,18,'6',2,1,0),
(132,19,'1',0,0,0),
(133,19,'2',0,1,0),
(134,19,'3',1,0,0),
(135,19,'4',1,1,0),
(136,19,'5',2,0,0),
(137,19,'6',2,1,0),
(138,20,'1',0,0,0),
(139,20,'2',0,1,0),
(140,20,'3',1,0,0),
(141,20,'4',1,1,0),
(142,20,'5',2,0,0),
(143,20,'6',2,1,0),
(144,21,'1',0,0,0),
(145,21,'2',0,1,0),
(146,21,'3',1,0,0),
(147,21,'4',1,1,0),
(148,21,'5',2,0,0),
(149,21,'6',2,1,0),
(150,22,'1',0,0,0),
(151,22,'2',0,1,0),
(152,22,'3',1,0,0),
(153,22,'4',1,1,0),
(154,22,'5',2,0,0),
(155,22,'6',2,1,0),
(156,23,'1',0,0,0),
(157,23,'2',0,1,0),
(158,23,'3',1,0,0),
(159,23,'4',1,1,0),
(160,23,'5',2,0,0),
(161,23,'6',2,1,0),
(162,24,'1',0,0,0),
(163,24,'2',0,1,0),
(164,24,'3',0,2,0),
(165,24,'4',1,0,0),
(166,24,'5',1,1,0),
(167,24,'6',1,2,0),
(168,24,'7',2,0,0),
(169,24,'8',2,1,0),
(170,24,'9',2,2,0),
(171,25,'1',0,0,0),
(172,25,'2',0,1,0),
(173,25,'3',0,2,0),
(174,25,'4',1,0,0),
(175,25,'5',1,1,0),
(176,25,'6',1,2,0),
(177,25,'7',2,0,0),
(178,25,'8',2,1,0),
(179,25,'9',2,2,0),
(180,26,'1',0,0,0),
(181,26,'2',0,1,0),
(182,26,'3',0,2,0),
(183,26,'4',1,0,0),
(184,26,'5',1,1,0),
(185,26,'6',1,2,0),
(186,26,'7',2,0,0),
(187,26,'8',2,1,0),
(188,26,'9',2,2,0),
(189,27,'1',0,0,0),
(190,27,'2',0,1,0),
(191,27,'3',0,2,0),
(192,27,'4',0,3,0),
(193,27,'5',1,0,0),
(194,27,'6',1,1,0),
(195,27,'7',1,2,0),
(196,27,'8',1,3,0),
(197,27,'9',2,0,0),
(198,27,'10',2,1,0),
(199,27,'11',2,2,0),
(200,27,'12',2,3,0),
(201,28,'1',0,0,0),
(202,28,'2',0,1,0),
(203,28,'3',0,2,0),
(204,28,'4',0,3,0),
(205,28,'5',1,0,0),
(206,28,'6',1,1,0),
(207,28,'7',1,2,0),
(208,28,'8',1,3,0),
(209,28,'9',2,0,0),
(210,28,'10',2,1,0),
(211,28,'11',2,2,0),
(212,28,'12',2,3,0),
(213,29,'1',0,0,0),
(214,29,'2',0,1,0),
(215,29,'3',1,0,0),
(216,29,'4',1,1,0),
(217,29,'5',2,0,0),
(218,29,'6',2,1,0),
(219,29,'7',3,0,0),
(220,29,'8',3,1,0),
(221,30,'1',0,0,0),
(222,30,'2',0,1,0),
(223,30,'3',1,0,0),
(224,30,'4',1,1,0),
(225,30,'5',2,0,0),
(226,30,'6',2,1,0),
(227,30,'7',3,0,0),
(228,30,'8',3,1,0),
(229,30,'9',4,0,0),
(230,30,'10',4,1,0),
(231,31,'1',0,0,0),
(232,31,'2',0,1,0),
(233,31,'3',1,0,0),
(234,31,'4',1,1,0),
(235,31,'5',2,0,0),
(236,31,'6',2,1,0),
(237,31,'7',3,0,0),
(238,31,'8',3,1,0),
(239,31,'9',4,0,0),
(240,31,'10',4,1,0),
(241,31,'11',5,0,0),
(242,31,'12',5,1,0),
(243,32,'1',0,0,0),
(244,32,'2',0,1,0),
(245,32,'3',1,0,0),
(246,32,'4',1,1,0),
(247,32,'5',2,0,0),
(248,32,'6',2,1,0),
(249,32,'7',3,0,0),
(250,32,'8',3,1,0);
/*!40000 ALTER TABLE `switch_terminal` ENABLE KEYS */;
UNLOCK TABLES;

--
-- Table structure for table `winding_record`
--

DROP TABLE IF EXISTS `winding_record`;
/*!40101 SET @saved_cs_client     = @@character_set_client */;
/*!40101 SET character_set_client = utf8mb4 */;
CREATE TABLE `winding_record` (
  `motor_id` bigint(20) NOT NULL,
  `marks_trusted` tinyint(1) NOT NULL,
  `dual_voltage` tinyint(1) DEFAULT NULL,
  `turn_second_half` tinyint(1) DEFAULT NULL,
  `thick` varchar(120) NOT NULL DEFAULT '',
  `thin` varchar(120) NOT NULL DEFAULT '',
  `humps` tinyint(4) DEFAULT NULL CHECK (`humps` between 0 and 3),
  `click` tinyint(1) DEFAULT NULL,
  PRIMARY KEY (`motor_id`),
  CONSTRAINT `winding_record_ibfk_1` FOREIGN KEY (`motor_id`) REFERENCES `motor` (`id`) ON DELETE CASCADE
) ENGINE=InnoDB DEFAULT CHARSET=utf8mb4 COLLATE=utf8mb4_bin;
/*!40101 SET character_set_client = @saved_cs_client */;

--
-- Dumping data for table `winding_record`
--

LOCK TABLES `winding_record` WRITE;
/*!40000 ALTER TABLE `winding_record` DISABLE KEYS */;
INSERT INTO `winding_record` VALUES
(2,1,NULL,NULL,'','',NULL,NULL),
(3,1,NULL,NULL,'','',NULL,NULL),
(4,1,NULL,NULL,'','',NULL,NULL),
(6,1,NULL,NULL,'','',NULL,NULL),
(11,1,NULL,NULL,'','',NULL,NULL),
(12,1,NULL,NULL,'','',NULL,NULL);
/*!40000 ALTER TABLE `winding_record` ENABLE KEYS */;
UNLOCK TABLES;

--
-- Table structure for table `wire`
--

DROP TABLE IF EXISTS `wire`;
/*!40101 SET @saved_cs_client     = @@character_set_client */;
/*!40101 SET character_set_client = utf8mb4 */;
CREATE TABLE `wire` (
  `id` bigint(20) NOT NULL AUTO_INCREMENT,
  `plan_id` bigint(20) NOT NULL,
  `step` smallint(6) NOT NULL,
  `from_terminal` varchar(24) NOT NULL,
  `to_terminal` varchar(24) NOT NULL,
  `run` enum('MOTOR_BOX','MOTOR_CABLE','SWITCH_BOX','SUPPLY_CABLE') NOT NULL,
  `made_at` timestamp(3) NULL DEFAULT NULL,
  `made_by` bigint(20) DEFAULT NULL,
  PRIMARY KEY (`id`),
  UNIQUE KEY `plan_id` (`plan_id`,`step`),
  UNIQUE KEY `plan_id_2` (`plan_id`,`from_terminal`,`to_terminal`),
  KEY `made_by` (`made_by`),
  CONSTRAINT `wire_ibfk_1` FOREIGN KEY (`plan_id`) REFERENCES `plan` (`id`) ON DELETE CASCADE,
  CONSTRAINT `wire_ibfk_2` FOREIGN KEY (`made_by`) REFERENCES `person` (`id`)
) ENGINE=InnoDB AUTO_INCREMENT=10 DEFAULT CHARSET=utf8mb4 COLLATE=utf8mb4_bin;
/*!40101 SET character_set_client = @saved_cs_client */;

--
-- Dumping data for table `wire`
--

LOCK TABLES `wire` WRITE;
/*!40000 ALTER TABLE `wire` DISABLE KEYS */;
INSERT INTO `wire` VALUES
(1,1,1,'motor.T1','splice.X1','MOTOR_BOX',NULL,NULL),
(2,1,2,'motor.T4','splice.X2','MOTOR_BOX',NULL,NULL),
(3,1,3,'motor.T5','splice.X1','MOTOR_BOX',NULL,NULL),
(4,1,4,'motor.T8','splice.X2','MOTOR_BOX',NULL,NULL),
(5,1,5,'splice.X1','S1.3','MOTOR_CABLE',NULL,NULL),
(6,1,6,'splice.X2','supply.L2','MOTOR_CABLE',NULL,NULL),
(7,1,7,'S1.4','supply.L1','SUPPLY_CABLE',NULL,NULL),
(8,1,8,'motor.G','S1.G','MOTOR_CABLE',NULL,NULL),
(9,1,9,'S1.G','supply.G','SUPPLY_CABLE',NULL,NULL);
/*!40000 ALTER TABLE `wire` ENABLE KEYS */;
UNLOCK TABLES;
/*!40103 SET TIME_ZONE=@OLD_TIME_ZONE */;

/*!40101 SET SQL_MODE=@OLD_SQL_MODE */;
/*!40014 SET FOREIGN_KEY_CHECKS=@OLD_FOREIGN_KEY_CHECKS */;
/*!40014 SET UNIQUE_CHECKS=@OLD_UNIQUE_CHECKS */;
/*!40101 SET CHARACTER_SET_CLIENT=@OLD_CHARACTER_SET_CLIENT */;
/*!40101 SET CHARACTER_SET_RESULTS=@OLD_CHARACTER_SET_RESULTS */;
/*!40101 SET COLLATION_CONNECTION=@OLD_COLLATION_CONNECTION */;
/*!40111 SET SQL_NOTES=@OLD_SQL_NOTES */;

-- Dump completed on 2026-11-30 22:26:00
