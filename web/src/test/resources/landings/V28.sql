/*M!999999\- enable the sandbox mode */ 
-- MariaDB dump 10.19  Distrib 10.11.19-MariaDB, for debian-linux-gnu (x86_64)
--
-- Host: localhost    Database: gatepin
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
-- Table structure for table `cable_lengths`
--

DROP TABLE IF EXISTS `cable_lengths`;
/*!40101 SET @saved_cs_client     = @@character_set_client */;
/*!40101 SET character_set_client = utf8mb4 */;
CREATE TABLE `cable_lengths` (
  `job_id` bigint(20) NOT NULL,
  `motor_cable` decimal(6,3) NOT NULL CHECK (`motor_cable` between 0.1 and 100),
  `supply_cord` decimal(6,3) NOT NULL CHECK (`supply_cord` between 0.1 and 100),
  PRIMARY KEY (`job_id`),
  CONSTRAINT `cable_lengths_ibfk_1` FOREIGN KEY (`job_id`) REFERENCES `job` (`id`) ON DELETE CASCADE
) ENGINE=InnoDB DEFAULT CHARSET=utf8mb4 COLLATE=utf8mb4_bin;
/*!40101 SET character_set_client = @saved_cs_client */;

--
-- Dumping data for table `cable_lengths`
--

LOCK TABLES `cable_lengths` WRITE;
/*!40000 ALTER TABLE `cable_lengths` DISABLE KEYS */;
INSERT INTO `cable_lengths` VALUES
(1,1.524,12.500);
/*!40000 ALTER TABLE `cable_lengths` ENABLE KEYS */;
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
(1,1,0.4,'a bleeding resistor','2026-11-30 18:58:05.740',1);
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
) ENGINE=InnoDB AUTO_INCREMENT=7 DEFAULT CHARSET=utf8mb4 COLLATE=utf8mb4_bin;
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
(6,11,230,'CLOCKWISE','SHAFT_END',33,34,0);
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
(6,11,34,2);
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
) ENGINE=InnoDB AUTO_INCREMENT=2 DEFAULT CHARSET=utf8mb4 COLLATE=utf8mb4_bin;
/*!40101 SET character_set_client = @saved_cs_client */;

--
-- Dumping data for table `dead_reading`
--

LOCK TABLES `dead_reading` WRITE;
/*!40000 ALTER TABLE `dead_reading` DISABLE KEYS */;
INSERT INTO `dead_reading` VALUES
(1,3,'CONTROL','',NULL,'2026-11-30 18:58:09.535',1);
/*!40000 ALTER TABLE `dead_reading` ENABLE KEYS */;
UNLOCK TABLES;

--
-- Table structure for table `drive_stage`
--

DROP TABLE IF EXISTS `drive_stage`;
/*!40101 SET @saved_cs_client     = @@character_set_client */;
/*!40101 SET character_set_client = utf8mb4 */;
CREATE TABLE `drive_stage` (
  `job_id` bigint(20) NOT NULL,
  `number` tinyint(4) NOT NULL,
  `kind` varchar(20) NOT NULL,
  `driver` double NOT NULL CHECK (`driver` > 0),
  `driven` double NOT NULL CHECK (`driven` > 0),
  `turned` tinyint(1) NOT NULL,
  PRIMARY KEY (`job_id`,`number`),
  CONSTRAINT `drive_stage_ibfk_1` FOREIGN KEY (`job_id`) REFERENCES `rotation_plan` (`job_id`) ON DELETE CASCADE
) ENGINE=InnoDB DEFAULT CHARSET=utf8mb4 COLLATE=utf8mb4_bin;
/*!40101 SET character_set_client = @saved_cs_client */;

--
-- Dumping data for table `drive_stage`
--

LOCK TABLES `drive_stage` WRITE;
/*!40000 ALTER TABLE `drive_stage` DISABLE KEYS */;
INSERT INTO `drive_stage` VALUES
(1,0,'BELT',63,200,0),
(2,0,'GEAR_PAIR',1,2,0),
(3,0,'BELT',1,2,0),
(3,1,'GEAR_PAIR',0.001,25000000000,1),
(4,0,'BELT',1,2,0),
(6,0,'CHAIN',1,2,0);
/*!40000 ALTER TABLE `drive_stage` ENABLE KEYS */;
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
(1,'1','lane','SQL','V1__lane.sql',2002307265,'gatepin_owner','2026-11-30 18:57:58',73,1),
(2,'2','engine','SQL','V2__engine.sql',-1741364834,'gatepin_owner','2026-11-30 18:57:58',6,1),
(3,'3','plate and supply','SQL','V3__plate_and_supply.sql',-1115742331,'gatepin_owner','2026-11-30 18:57:58',36,1),
(4,'4','rebuilt columns','SQL','V4__rebuilt_columns.sql',-1260950997,'gatepin_owner','2026-11-30 18:57:58',9,1),
(5,'5','stud boards','SQL','V5__stud_boards.sql',-542685300,'gatepin_owner','2026-11-30 18:57:58',22,1),
(6,'6','shop outlets','SQL','V6__shop_outlets.sql',820151270,'gatepin_owner','2026-11-30 18:57:58',20,1),
(7,'7','shared leads','SQL','V7__shared_leads.sql',641982386,'gatepin_owner','2026-11-30 18:57:58',11,1),
(8,'8','safe found windings','SQL','V8__safe_found_windings.sql',1462717481,'gatepin_owner','2026-11-30 18:57:58',57,1),
(9,'9','rotation','SQL','V9__rotation.sql',1306956049,'gatepin_owner','2026-11-30 18:57:59',16,1),
(10,'10','switch rating','SQL','V10__switch_rating.sql',1136280382,'gatepin_owner','2026-11-30 18:57:59',15,1),
(11,'11','switch maps','SQL','V11__switch_maps.sql',-1559845436,'gatepin_owner','2026-11-30 18:57:59',66,1),
(12,'12','devices','SQL','V12__devices.sql',225486259,'gatepin_owner','2026-11-30 18:57:59',5,1),
(13,'13','lengths','SQL','V13__lengths.sql',1920722638,'gatepin_owner','2026-11-30 18:57:59',16,1),
(14,'14','acts and sentences','SQL','V14__acts_and_sentences.sql',-310550048,'gatepin_owner','2026-11-30 18:57:59',119,1),
(15,'15','one case rule','SQL','V15__one_case_rule.sql',1513672979,'gatepin_owner','2026-11-30 18:57:59',347,1),
(16,'16','kept history','SQL','V16__kept_history.sql',-503618632,'gatepin_owner','2026-11-30 18:57:59',22,1),
(17,'17','plate gone and photos','SQL','V17__plate_gone_and_photos.sql',917019215,'gatepin_owner','2026-11-30 18:57:59',35,1),
(18,'18','checks','SQL','V18__checks.sql',1215073307,'gatepin_owner','2026-11-30 18:57:59',18,1),
(19,'19','papers','SQL','V19__papers.sql',-1366016865,'gatepin_owner','2026-11-30 18:57:59',36,1),
(20,'20','motor shelf','SQL','V20__motor_shelf.sql',1906681091,'gatepin_owner','2026-11-30 18:57:59',31,1),
(21,'21','control','SQL','V21__control.sql',-1317926933,'gatepin_owner','2026-11-30 18:57:59',17,1),
(22,'22','ahead','SQL','V22__ahead.sql',-1354102467,'gatepin_owner','2026-11-30 18:58:00',50,1),
(23,'23','bench','SQL','V23__bench.sql',1281500646,'gatepin_owner','2026-11-30 18:58:00',8,1),
(24,'24','practice','SQL','V24__practice.sql',-1825258573,'gatepin_owner','2026-11-30 18:58:00',12,1),
(25,'25','shop version','SQL','V25__shop_version.sql',-1109211833,'gatepin_owner','2026-11-30 18:58:00',8,1),
(26,'26','gate of a log line','SQL','V26__gate_of_a_log_line.sql',-121959233,'gatepin_owner','2026-11-30 18:58:00',13,1),
(27,'27','no interchange','SQL','V27__no_interchange.sql',630573125,'gatepin_owner','2026-11-30 18:58:00',42,1),
(28,'28','plate as read','SQL','V28__plate_as_read.sql',-581250447,'gatepin_owner','2026-11-30 18:58:00',15,1);
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
-- Table structure for table `found_record`
--

DROP TABLE IF EXISTS `found_record`;
/*!40101 SET @saved_cs_client     = @@character_set_client */;
/*!40101 SET character_set_client = utf8mb4 */;
CREATE TABLE `found_record` (
  `job_id` bigint(20) NOT NULL,
  `nothing_connected` tinyint(1) NOT NULL,
  PRIMARY KEY (`job_id`),
  CONSTRAINT `found_record_ibfk_1` FOREIGN KEY (`job_id`) REFERENCES `job` (`id`) ON DELETE CASCADE
) ENGINE=InnoDB DEFAULT CHARSET=utf8mb4 COLLATE=utf8mb4_bin;
/*!40101 SET character_set_client = @saved_cs_client */;

--
-- Dumping data for table `found_record`
--

LOCK TABLES `found_record` WRITE;
/*!40000 ALTER TABLE `found_record` DISABLE KEYS */;
INSERT INTO `found_record` VALUES
(1,0),
(2,1),
(3,1),
(4,1),
(5,1),
(6,1),
(7,1),
(8,1);
/*!40000 ALTER TABLE `found_record` ENABLE KEYS */;
UNLOCK TABLES;

--
-- Table structure for table `found_wire`
--

DROP TABLE IF EXISTS `found_wire`;
/*!40101 SET @saved_cs_client     = @@character_set_client */;
/*!40101 SET character_set_client = utf8mb4 */;
CREATE TABLE `found_wire` (
  `job_id` bigint(20) NOT NULL,
  `number` tinyint(4) NOT NULL,
  `mark` varchar(12) NOT NULL,
  `colour` varchar(30) NOT NULL,
  `bands` tinyint(4) NOT NULL CHECK (`bands` between 0 and 9),
  `one_end` varchar(32) NOT NULL,
  `other_end` varchar(32) NOT NULL,
  `aside` varchar(80) NOT NULL,
  PRIMARY KEY (`job_id`,`number`),
  CONSTRAINT `found_wire_ibfk_1` FOREIGN KEY (`job_id`) REFERENCES `job` (`id`) ON DELETE CASCADE,
  CONSTRAINT `CONSTRAINT_1` CHECK (`one_end` <> `other_end`)
) ENGINE=InnoDB DEFAULT CHARSET=utf8mb4 COLLATE=utf8mb4_bin;
/*!40101 SET character_set_client = @saved_cs_client */;

--
-- Dumping data for table `found_wire`
--

LOCK TABLES `found_wire` WRITE;
/*!40000 ALTER TABLE `found_wire` DISABLE KEYS */;
INSERT INTO `found_wire` VALUES
(1,1,'T1','blue',0,'motor.T1','S1.5',''),
(1,2,'','black',0,'S1.6','supply.L1','a \"lamp\" \\ its heater'),
(1,3,'T5','black',0,'motor.T5','S1.1',''),
(1,4,'T8','red',0,'motor.T8','S1.4',''),
(1,5,'T2','white',0,'motor.T2','splice.nut a',''),
(1,6,'T3','orange',0,'motor.T3','splice.nut a',''),
(1,7,'','white',0,'splice.nut a','S1.3',''),
(1,8,'T4','yellow',0,'motor.T4','S1.2',''),
(1,9,'','red',0,'S1.2','supply.L2',''),
(1,10,'','green',0,'motor.G','supply.G',''),
(1,11,'','grey',0,'splice.lamp','S1.2','work lamp over the hopper');
/*!40000 ALTER TABLE `found_wire` ENABLE KEYS */;
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
) ENGINE=InnoDB AUTO_INCREMENT=9 DEFAULT CHARSET=utf8mb4 COLLATE=utf8mb4_bin;
/*!40101 SET character_set_client = @saved_cs_client */;

--
-- Dumping data for table `job`
--

LOCK TABLES `job` WRITE;
/*!40000 ALTER TABLE `job` DISABLE KEYS */;
INSERT INTO `job` VALUES
(1,1,1,230,'TWO_HOT',1,NULL,'1 HP 120 V, 2 HP 240 V',28,'2026-11-30 18:58:12.438','{\"key\":\"waits.lack\",\"args\":[\"Switch\",{\"key\":\"lack.plan\",\"args\":[]}]}'),
(2,1,2,115,'HOT_AND_NEUTRAL',NULL,NULL,'',16,'2026-11-30 18:58:08.657','{\"key\":\"waits.lack\",\"args\":[\"Switch\",{\"key\":\"lack.switch\",\"args\":[]}]}'),
(3,1,3,230,'TWO_HOT',16,NULL,'3 HP 230 V',18,'2026-11-30 18:58:09.538','{\"key\":\"waits.lack\",\"args\":[\"Switch\",{\"key\":\"lack.plan\",\"args\":[]}]}'),
(4,1,4,115,'HOT_AND_NEUTRAL',NULL,NULL,'',17,'2026-11-30 18:58:10.258','{\"key\":\"waits.lack\",\"args\":[\"Switch\",{\"key\":\"lack.switch\",\"args\":[]}]}'),
(5,1,5,NULL,'HOT_AND_NEUTRAL',NULL,NULL,'',9,'2026-11-30 18:58:10.577','{\"key\":\"waits.lack\",\"args\":[\"Windings\",{\"key\":\"lack.windings.probe\",\"args\":[\"1\",\"2\"]}]}'),
(6,1,6,230,'TWO_HOT',NULL,NULL,'',16,'2026-11-30 18:58:11.215','{\"key\":\"waits.lack\",\"args\":[\"Switch\",{\"key\":\"lack.switch\",\"args\":[]}]}'),
(7,1,7,NULL,'HOT_AND_NEUTRAL',NULL,NULL,'',8,'2026-11-30 18:58:11.591','{\"key\":\"waits.lack\",\"args\":[\"Plate\",{\"key\":\"lack.plate.obstacle\",\"args\":[{\"key\":\"obstacle.threePhase\",\"args\":[]}]}]}'),
(8,2,8,230,'HOT_AND_NEUTRAL',NULL,NULL,'',13,'2026-11-30 18:58:12.379','{\"key\":\"waits.lack\",\"args\":[\"Supply\",{\"key\":\"lack.supply\",\"args\":[]}]}');
/*!40000 ALTER TABLE `job` ENABLE KEYS */;
UNLOCK TABLES;

--
-- Table structure for table `job_supply`
--

DROP TABLE IF EXISTS `job_supply`;
/*!40101 SET @saved_cs_client     = @@character_set_client */;
/*!40101 SET character_set_client = utf8mb4 */;
CREATE TABLE `job_supply` (
  `job_id` bigint(20) NOT NULL,
  `metres` decimal(7,3) NOT NULL CHECK (`metres` between 0 and 2000),
  `present_plug` varchar(60) NOT NULL,
  PRIMARY KEY (`job_id`),
  CONSTRAINT `job_supply_ibfk_1` FOREIGN KEY (`job_id`) REFERENCES `job` (`id`) ON DELETE CASCADE
) ENGINE=InnoDB DEFAULT CHARSET=utf8mb4 COLLATE=utf8mb4_bin;
/*!40101 SET character_set_client = @saved_cs_client */;

--
-- Dumping data for table `job_supply`
--

LOCK TABLES `job_supply` WRITE;
/*!40000 ALTER TABLE `job_supply` DISABLE KEYS */;
INSERT INTO `job_supply` VALUES
(1,18.288,'NEMA 6-15'),
(2,6.096,'NEMA 5-15'),
(3,60.960,'fixed wiring'),
(4,9.144,'NEMA 5-15'),
(6,21.336,'fixed wiring');
/*!40000 ALTER TABLE `job_supply` ENABLE KEYS */;
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
(34,11,'START',1,0);
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
) ENGINE=InnoDB AUTO_INCREMENT=35 DEFAULT CHARSET=utf8mb4 COLLATE=utf8mb4_bin;
/*!40101 SET character_set_client = @saved_cs_client */;

--
-- Dumping data for table `lead_wire`
--

LOCK TABLES `lead_wire` WRITE;
/*!40000 ALTER TABLE `lead_wire` DISABLE KEYS */;
INSERT INTO `lead_wire` VALUES
(1,1,'T1','blue'),
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
(34,11,'Z2','');
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
) ENGINE=InnoDB AUTO_INCREMENT=116 DEFAULT CHARSET=utf8mb4 COLLATE=utf8mb4_bin;
/*!40101 SET character_set_client = @saved_cs_client */;

--
-- Dumping data for table `log_entry`
--

LOCK TABLES `log_entry` WRITE;
/*!40000 ALTER TABLE `log_entry` DISABLE KEYS */;
INSERT INTO `log_entry` VALUES
(1,1,1,1,'2026-11-30 18:58:05.414','OPENED','{\"key\":\"log.opened\",\"args\":[\"Apple scratter\"]}',NULL),
(2,1,1,1,'2026-11-30 18:58:05.713','SAVED','{\"key\":\"log.capacitor\",\"args\":[\"start capacitor\",300,165]}','safe'),
(3,1,1,1,'2026-11-30 18:58:05.742','SAVED','{\"key\":\"log.capacitor.measured\",\"args\":[\"start capacitor\",\"0.4\",\"a bleeding resistor\"]}','safe'),
(4,1,1,1,'2026-11-30 18:58:05.781','SAVED','{\"key\":\"log.safe\",\"args\":[\"unplugged, the plug in sight or in a locked cover\",{\"key\":\"log.safe.note\",\"args\":[\"Plug in my pocket\"]},{\"key\":\"yes\",\"args\":[]},{\"key\":\"yes\",\"args\":[]},{\"key\":\"yes\",\"args\":[]}]}','safe'),
(5,1,1,1,'2026-11-30 18:58:05.814','PULLED','{\"key\":\"log.pulled\",\"args\":[\"Safe\"]}','safe'),
(6,1,1,1,'2026-11-30 18:58:05.868','SAVED','{\"key\":\"log.found\",\"args\":[11]}','found'),
(7,1,1,1,'2026-11-30 18:58:05.921','PULLED','{\"key\":\"log.pulled\",\"args\":[\"As found\"]}','found'),
(8,1,1,1,'2026-11-30 18:58:06.115','SAVED','{\"key\":\"log.plate\",\"args\":[\"3/4 hp\",\"115/230\",60,1725]}','plate'),
(9,1,1,1,'2026-11-30 18:58:06.236','PULLED','{\"key\":\"log.pulled\",\"args\":[\"Plate\"]}','plate'),
(10,1,1,1,'2026-11-30 18:58:06.343','SAVED','{\"key\":\"log.diagram\",\"args\":[{\"key\":\"supply.twoHots\",\"args\":[230]},\"T1\",\"T4 T8\"]}','diagram'),
(11,1,1,1,'2026-11-30 18:58:06.962','PULLED','{\"key\":\"log.pulled\",\"args\":[\"Diagram\"]}','diagram'),
(12,1,1,1,'2026-11-30 18:58:07.010','SAVED','{\"key\":\"log.pad\",\"args\":[[\"T1\",\"T2\",\"T3\",\"T4\",\"T5\",\"T8\"]]}','windings'),
(13,1,1,1,'2026-11-30 18:58:07.044','SAVED','{\"key\":\"log.ohms\",\"args\":[{\"key\":\"own\",\"args\":[\"\"]},\"T1\",\"T2\",\"2.20 Ω\",{\"key\":\"own\",\"args\":[\"\"]}]}','windings'),
(14,1,1,1,'2026-11-30 18:58:07.121','SAVED','{\"key\":\"log.ohms\",\"args\":[{\"key\":\"own\",\"args\":[\"\"]},\"T3\",\"T4\",\"2.30 Ω\",{\"key\":\"own\",\"args\":[\"\"]}]}','windings'),
(15,1,1,1,'2026-11-30 18:58:07.229','SAVED','{\"key\":\"log.ohms\",\"args\":[{\"key\":\"own\",\"args\":[\"\"]},\"T5\",\"T8\",\"3.40 Ω\",{\"key\":\"own\",\"args\":[\"\"]}]}','windings'),
(16,1,1,1,'2026-11-30 18:58:07.374','SAVED','{\"key\":\"log.ohms\",\"args\":[{\"key\":\"own\",\"args\":[\"\"]},\"T1\",\"T3\",\"OL\",{\"key\":\"own\",\"args\":[\"\"]}]}','windings'),
(17,1,1,1,'2026-11-30 18:58:07.430','SAVED','{\"key\":\"log.ohms\",\"args\":[{\"key\":\"own\",\"args\":[\"\"]},\"T1\",\"T5\",\"OL\",{\"key\":\"own\",\"args\":[\"\"]}]}','windings'),
(18,1,1,1,'2026-11-30 18:58:07.463','SAVED','{\"key\":\"log.ohms\",\"args\":[{\"key\":\"own\",\"args\":[\"\"]},\"T3\",\"T5\",\"OL\",{\"key\":\"own\",\"args\":[\"\"]}]}','windings'),
(19,1,1,1,'2026-11-30 18:58:07.538','SAVED','{\"key\":\"log.ohms\",\"args\":[{\"key\":\"own\",\"args\":[\"\"]},\"T1\",\"frame\",\"OL\",{\"key\":\"own\",\"args\":[\"\"]}]}','windings'),
(20,1,1,1,'2026-11-30 18:58:07.572','SAVED','{\"key\":\"log.ohms\",\"args\":[{\"key\":\"own\",\"args\":[\"\"]},\"T3\",\"frame\",\"OL\",{\"key\":\"own\",\"args\":[\"\"]}]}','windings'),
(21,1,1,1,'2026-11-30 18:58:07.611','SAVED','{\"key\":\"log.ohms\",\"args\":[{\"key\":\"own\",\"args\":[\"\"]},\"T5\",\"frame\",\"OL\",{\"key\":\"own\",\"args\":[\"\"]}]}','windings'),
(22,1,1,1,'2026-11-30 18:58:07.652','PULLED','{\"key\":\"log.pulled\",\"args\":[\"Windings\"]}','windings'),
(23,1,1,1,'2026-11-30 18:58:07.733','SAVED','{\"key\":\"log.supply\",\"args\":[{\"key\":\"supply.twoHots\",\"args\":[230]},{\"metres\":18.288},\"NEMA 6-15\"]}','supply'),
(24,1,1,1,'2026-11-30 18:58:07.776','PULLED','{\"key\":\"log.pulled\",\"args\":[\"Supply\"]}','supply'),
(25,1,1,1,'2026-11-30 18:58:07.811','SAVED','{\"key\":\"log.rotation\",\"args\":[\"clockwise\",\"facing the shaft end\",{\"key\":\"rotation.bothWays\",\"args\":[]},{\"key\":\"own\",\"args\":[\"\"]}]}','rotation'),
(26,1,1,1,'2026-11-30 18:58:07.848','PULLED','{\"key\":\"log.pulled\",\"args\":[\"Rotation\"]}','rotation'),
(27,1,2,1,'2026-11-30 18:58:07.868','OPENED','{\"key\":\"log.opened\",\"args\":[\"Honey extractor\"]}',NULL),
(28,1,2,1,'2026-11-30 18:58:07.908','SAVED','{\"key\":\"log.safe\",\"args\":[\"a loose motor, not connected to anything\",{\"key\":\"own\",\"args\":[\"\"]},{\"key\":\"no\",\"args\":[]},{\"key\":\"no\",\"args\":[]},{\"key\":\"no\",\"args\":[]}]}','safe'),
(29,1,2,1,'2026-11-30 18:58:07.964','PULLED','{\"key\":\"log.pulled\",\"args\":[\"Safe\"]}','safe'),
(30,1,2,1,'2026-11-30 18:58:07.987','SAVED','{\"key\":\"log.found.nothing\",\"args\":[]}','found'),
(31,1,2,1,'2026-11-30 18:58:08.017','PULLED','{\"key\":\"log.pulled\",\"args\":[\"As found\"]}','found'),
(32,1,2,1,'2026-11-30 18:58:08.146','SAVED','{\"key\":\"log.plate\",\"args\":[\"1/8 hp\",\"115\",60,1650]}','plate'),
(33,1,2,1,'2026-11-30 18:58:08.221','PULLED','{\"key\":\"log.pulled\",\"args\":[\"Plate\"]}','plate'),
(34,1,2,1,'2026-11-30 18:58:08.270','SAVED','{\"key\":\"log.diagram\",\"args\":[{\"key\":\"supply\",\"args\":[115]},\"black blue\",\"black/yellow blue/yellow\"]}','diagram'),
(35,1,2,1,'2026-11-30 18:58:08.388','PULLED','{\"key\":\"log.pulled\",\"args\":[\"Diagram\"]}','diagram'),
(36,1,2,1,'2026-11-30 18:58:08.424','SAVED','{\"key\":\"log.marksTrusted\",\"args\":[]}','windings'),
(37,1,2,1,'2026-11-30 18:58:08.478','PULLED','{\"key\":\"log.pulled\",\"args\":[\"Windings\"]}','windings'),
(38,1,2,1,'2026-11-30 18:58:08.520','SAVED','{\"key\":\"log.supply\",\"args\":[{\"key\":\"supply\",\"args\":[115]},{\"metres\":6.096},\"NEMA 5-15\"]}','supply'),
(39,1,2,1,'2026-11-30 18:58:08.565','PULLED','{\"key\":\"log.pulled\",\"args\":[\"Supply\"]}','supply'),
(40,1,2,1,'2026-11-30 18:58:08.610','SAVED','{\"key\":\"log.rotation\",\"args\":[\"counter-clockwise\",\"facing the shaft end\",{\"key\":\"rotation.bothWays\",\"args\":[]},{\"key\":\"own\",\"args\":[\"\"]}]}','rotation'),
(41,1,2,1,'2026-11-30 18:58:08.656','PULLED','{\"key\":\"log.pulled\",\"args\":[\"Rotation\"]}','rotation'),
(42,1,3,1,'2026-11-30 18:58:08.699','OPENED','{\"key\":\"log.opened\",\"args\":[\"Seed auger\"]}',NULL),
(43,1,3,1,'2026-11-30 18:58:08.742','SAVED','{\"key\":\"log.safe\",\"args\":[\"a loose motor, not connected to anything\",{\"key\":\"own\",\"args\":[\"\"]},{\"key\":\"no\",\"args\":[]},{\"key\":\"no\",\"args\":[]},{\"key\":\"no\",\"args\":[]}]}','safe'),
(44,1,3,1,'2026-11-30 18:58:08.773','PULLED','{\"key\":\"log.pulled\",\"args\":[\"Safe\"]}','safe'),
(45,1,3,1,'2026-11-30 18:58:08.803','SAVED','{\"key\":\"log.found.nothing\",\"args\":[]}','found'),
(46,1,3,1,'2026-11-30 18:58:08.847','PULLED','{\"key\":\"log.pulled\",\"args\":[\"As found\"]}','found'),
(47,1,3,1,'2026-11-30 18:58:08.919','SAVED','{\"key\":\"log.plate\",\"args\":[\"2 hp\",\"115/230\",60,1740]}','plate'),
(48,1,3,1,'2026-11-30 18:58:08.975','PULLED','{\"key\":\"log.pulled\",\"args\":[\"Plate\"]}','plate'),
(49,1,3,1,'2026-11-30 18:58:09.019','SAVED','{\"key\":\"log.diagram\",\"args\":[{\"key\":\"supply.twoHots\",\"args\":[230]},\"T1\",\"T4 T8\"]}','diagram'),
(50,1,3,1,'2026-11-30 18:58:09.136','PULLED','{\"key\":\"log.pulled\",\"args\":[\"Diagram\"]}','diagram'),
(51,1,3,1,'2026-11-30 18:58:09.170','SAVED','{\"key\":\"log.marksTrusted\",\"args\":[]}','windings'),
(52,1,3,1,'2026-11-30 18:58:09.231','PULLED','{\"key\":\"log.pulled\",\"args\":[\"Windings\"]}','windings'),
(53,1,3,1,'2026-11-30 18:58:09.276','SAVED','{\"key\":\"log.supply\",\"args\":[{\"key\":\"supply.twoHots\",\"args\":[230]},{\"metres\":60.96},\"fixed wiring\"]}','supply'),
(54,1,3,1,'2026-11-30 18:58:09.314','PULLED','{\"key\":\"log.pulled\",\"args\":[\"Supply\"]}','supply'),
(55,1,3,1,'2026-11-30 18:58:09.372','SAVED','{\"key\":\"log.rotation\",\"args\":[\"clockwise\",\"facing the shaft end\",{\"key\":\"rotation.bothWays\",\"args\":[]},{\"key\":\"own\",\"args\":[\"\"]}]}','rotation'),
(56,1,3,1,'2026-11-30 18:58:09.414','PULLED','{\"key\":\"log.pulled\",\"args\":[\"Rotation\"]}','rotation'),
(57,1,3,1,'2026-11-30 18:58:09.473','SAVED','{\"key\":\"log.switch\",\"args\":[\"Two contactors, three poles\"]}','switch'),
(58,1,3,1,'2026-11-30 18:58:09.536','SAVED','{\"key\":\"log.control\",\"args\":[6]}','switch'),
(59,1,4,1,'2026-11-30 18:58:09.594','OPENED','{\"key\":\"log.opened\",\"args\":[\"Tapping drill\"]}',NULL),
(60,1,4,1,'2026-11-30 18:58:09.638','SAVED','{\"key\":\"log.safe\",\"args\":[\"a loose motor, not connected to anything\",{\"key\":\"own\",\"args\":[\"\"]},{\"key\":\"no\",\"args\":[]},{\"key\":\"no\",\"args\":[]},{\"key\":\"no\",\"args\":[]}]}','safe'),
(61,1,4,1,'2026-11-30 18:58:09.677','PULLED','{\"key\":\"log.pulled\",\"args\":[\"Safe\"]}','safe'),
(62,1,4,1,'2026-11-30 18:58:09.698','SAVED','{\"key\":\"log.found.nothing\",\"args\":[]}','found'),
(63,1,4,1,'2026-11-30 18:58:09.733','PULLED','{\"key\":\"log.pulled\",\"args\":[\"As found\"]}','found'),
(64,1,4,1,'2026-11-30 18:58:09.780','SAVED','{\"key\":\"log.plate\",\"args\":[\"1/2 hp\",\"115\",60,1725]}','plate'),
(65,1,4,1,'2026-11-30 18:58:09.802','PULLED','{\"key\":\"log.pulled\",\"args\":[\"Plate\"]}','plate'),
(66,1,4,1,'2026-11-30 18:58:09.846','SAVED','{\"key\":\"log.diagram\",\"args\":[{\"key\":\"supply\",\"args\":[115]},\"T1 T5\",\"T4 T8\"]}','diagram'),
(67,1,4,1,'2026-11-30 18:58:09.935','PULLED','{\"key\":\"log.pulled\",\"args\":[\"Diagram\"]}','diagram'),
(68,1,4,1,'2026-11-30 18:58:09.972','SAVED','{\"key\":\"log.marksTrusted\",\"args\":[]}','windings'),
(69,1,4,1,'2026-11-30 18:58:10.015','PULLED','{\"key\":\"log.pulled\",\"args\":[\"Windings\"]}','windings'),
(70,1,4,1,'2026-11-30 18:58:10.054','SAVED','{\"key\":\"log.supply\",\"args\":[{\"key\":\"supply\",\"args\":[115]},{\"metres\":9.144},\"NEMA 5-15\"]}','supply'),
(71,1,4,1,'2026-11-30 18:58:10.095','PULLED','{\"key\":\"log.pulled\",\"args\":[\"Supply\"]}','supply'),
(72,1,4,1,'2026-11-30 18:58:10.123','SAVED','{\"key\":\"log.rotation\",\"args\":[\"clockwise\",\"facing the shaft end\",{\"key\":\"rotation.bothWays\",\"args\":[]},{\"key\":\"own\",\"args\":[\"\"]}]}','rotation'),
(73,1,4,1,'2026-11-30 18:58:10.212','PULLED','{\"key\":\"log.pulled\",\"args\":[\"Rotation\"]}','rotation'),
(74,1,5,1,'2026-11-30 18:58:10.293','OPENED','{\"key\":\"log.opened\",\"args\":[\"Sorting-belt blower\"]}',NULL),
(75,1,5,1,'2026-11-30 18:58:10.361','SAVED','{\"key\":\"log.safe\",\"args\":[\"a loose motor, not connected to anything\",{\"key\":\"own\",\"args\":[\"\"]},{\"key\":\"no\",\"args\":[]},{\"key\":\"no\",\"args\":[]},{\"key\":\"no\",\"args\":[]}]}','safe'),
(76,1,5,1,'2026-11-30 18:58:10.392','PULLED','{\"key\":\"log.pulled\",\"args\":[\"Safe\"]}','safe'),
(77,1,5,1,'2026-11-30 18:58:10.421','SAVED','{\"key\":\"log.found.nothing\",\"args\":[]}','found'),
(78,1,5,1,'2026-11-30 18:58:10.452','PULLED','{\"key\":\"log.pulled\",\"args\":[\"As found\"]}','found'),
(79,1,5,1,'2026-11-30 18:58:10.507','SAVED','{\"key\":\"log.pad\",\"args\":[[\"1\",\"2\",\"3\",\"4\",\"5\"]]}','windings'),
(80,1,5,1,'2026-11-30 18:58:10.532','SAVED','{\"key\":\"log.traces\",\"args\":[120,\"capacitor start\"]}','plate'),
(81,1,6,1,'2026-11-30 18:58:10.600','OPENED','{\"key\":\"log.opened\",\"args\":[\"Hay-loft winch\"]}',NULL),
(82,1,6,1,'2026-11-30 18:58:10.656','SAVED','{\"key\":\"log.safe\",\"args\":[\"a loose motor, not connected to anything\",{\"key\":\"own\",\"args\":[\"\"]},{\"key\":\"no\",\"args\":[]},{\"key\":\"no\",\"args\":[]},{\"key\":\"no\",\"args\":[]}]}','safe'),
(83,1,6,1,'2026-11-30 18:58:10.687','PULLED','{\"key\":\"log.pulled\",\"args\":[\"Safe\"]}','safe'),
(84,1,6,1,'2026-11-30 18:58:10.726','SAVED','{\"key\":\"log.found.nothing\",\"args\":[]}','found'),
(85,1,6,1,'2026-11-30 18:58:10.757','PULLED','{\"key\":\"log.pulled\",\"args\":[\"As found\"]}','found'),
(86,1,6,1,'2026-11-30 18:58:10.825','SAVED','{\"key\":\"log.plate\",\"args\":[\"1 hp\",\"115/230\",60,1725]}','plate'),
(87,1,6,1,'2026-11-30 18:58:10.858','PULLED','{\"key\":\"log.pulled\",\"args\":[\"Plate\"]}','plate'),
(88,1,6,1,'2026-11-30 18:58:10.907','SAVED','{\"key\":\"log.diagram\",\"args\":[{\"key\":\"supply.twoHots\",\"args\":[230]},\"P1\",\"T4 T8\"]}','diagram'),
(89,1,6,1,'2026-11-30 18:58:10.980','PULLED','{\"key\":\"log.pulled\",\"args\":[\"Diagram\"]}','diagram'),
(90,1,6,1,'2026-11-30 18:58:11.014','SAVED','{\"key\":\"log.marksTrusted\",\"args\":[]}','windings'),
(91,1,6,1,'2026-11-30 18:58:11.051','PULLED','{\"key\":\"log.pulled\",\"args\":[\"Windings\"]}','windings'),
(92,1,6,1,'2026-11-30 18:58:11.100','SAVED','{\"key\":\"log.supply\",\"args\":[{\"key\":\"supply.twoHots\",\"args\":[230]},{\"metres\":21.336},\"fixed wiring\"]}','supply'),
(93,1,6,1,'2026-11-30 18:58:11.136','PULLED','{\"key\":\"log.pulled\",\"args\":[\"Supply\"]}','supply'),
(94,1,6,1,'2026-11-30 18:58:11.177','SAVED','{\"key\":\"log.rotation\",\"args\":[\"clockwise\",\"facing the shaft end\",{\"key\":\"rotation.bothWays\",\"args\":[]},{\"key\":\"own\",\"args\":[\"\"]}]}','rotation'),
(95,1,6,1,'2026-11-30 18:58:11.214','PULLED','{\"key\":\"log.pulled\",\"args\":[\"Rotation\"]}','rotation'),
(96,1,7,1,'2026-11-30 18:58:11.235','OPENED','{\"key\":\"log.opened\",\"args\":[\"Tool grinder\"]}',NULL),
(97,1,7,1,'2026-11-30 18:58:11.271','SAVED','{\"key\":\"log.safe\",\"args\":[\"a loose motor, not connected to anything\",{\"key\":\"own\",\"args\":[\"\"]},{\"key\":\"no\",\"args\":[]},{\"key\":\"no\",\"args\":[]},{\"key\":\"no\",\"args\":[]}]}','safe'),
(98,1,7,1,'2026-11-30 18:58:11.294','PULLED','{\"key\":\"log.pulled\",\"args\":[\"Safe\"]}','safe'),
(99,1,7,1,'2026-11-30 18:58:11.314','SAVED','{\"key\":\"log.found.nothing\",\"args\":[]}','found'),
(100,1,7,1,'2026-11-30 18:58:11.338','PULLED','{\"key\":\"log.pulled\",\"args\":[\"As found\"]}','found'),
(101,1,7,1,'2026-11-30 18:58:11.465','SAVED','{\"key\":\"log.plate\",\"args\":[\"1 hp\",\"230/460\",60,1725]}','plate'),
(102,1,7,1,'2026-11-30 18:58:11.589','SAVED','{\"key\":\"log.exchange.measured\",\"args\":[]}',NULL),
(103,2,8,2,'2026-11-30 18:58:11.795','OPENED','{\"key\":\"log.opened\",\"args\":[\"Potter\'s wheel\"]}',NULL),
(104,2,8,2,'2026-11-30 18:58:11.852','SAVED','{\"key\":\"log.safe\",\"args\":[\"a loose motor, not connected to anything\",{\"key\":\"own\",\"args\":[\"\"]},{\"key\":\"no\",\"args\":[]},{\"key\":\"no\",\"args\":[]},{\"key\":\"no\",\"args\":[]}]}','safe'),
(105,2,8,2,'2026-11-30 18:58:11.899','PULLED','{\"key\":\"log.pulled\",\"args\":[\"Safe\"]}','safe'),
(106,2,8,2,'2026-11-30 18:58:11.933','SAVED','{\"key\":\"log.found.nothing\",\"args\":[]}','found'),
(107,2,8,2,'2026-11-30 18:58:11.978','PULLED','{\"key\":\"log.pulled\",\"args\":[\"As found\"]}','found'),
(108,2,8,2,'2026-11-30 18:58:12.045','SAVED','{\"key\":\"log.plate\",\"args\":[\"0.37 kW\",\"115/230\",50,1420]}','plate'),
(109,2,8,2,'2026-11-30 18:58:12.076','PULLED','{\"key\":\"log.pulled\",\"args\":[\"Plate\"]}','plate'),
(110,2,8,2,'2026-11-30 18:58:12.118','SAVED','{\"key\":\"log.diagram\",\"args\":[{\"key\":\"supply\",\"args\":[230]},\"U1\",\"V2 Z2\"]}','diagram'),
(111,2,8,2,'2026-11-30 18:58:12.207','PULLED','{\"key\":\"log.pulled\",\"args\":[\"Diagram\"]}','diagram'),
(112,2,8,2,'2026-11-30 18:58:12.276','SAVED','{\"key\":\"log.board\",\"args\":[115,[\"U1–V1\",\"U2–V2\"]]}','diagram'),
(113,2,8,2,'2026-11-30 18:58:12.334','SAVED','{\"key\":\"log.marksTrusted\",\"args\":[]}','windings'),
(114,2,8,2,'2026-11-30 18:58:12.378','PULLED','{\"key\":\"log.pulled\",\"args\":[\"Windings\"]}','windings'),
(115,1,1,1,'2026-11-30 18:58:12.436','SAVED','{\"key\":\"log.switch\",\"args\":[\"Cross-corner drum\"]}','switch');
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
) ENGINE=InnoDB AUTO_INCREMENT=9 DEFAULT CHARSET=utf8mb4 COLLATE=utf8mb4_bin;
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
(8,2,'Potter\'s wheel','IEC marks on a stud board, links landed by somebody else.',NULL);
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
  UNIQUE KEY `machine_id` (`machine_id`),
  UNIQUE KEY `id` (`id`,`shop_id`),
  KEY `shop_id` (`shop_id`),
  KEY `machine_id_2` (`machine_id`,`shop_id`),
  CONSTRAINT `motor_ibfk_1` FOREIGN KEY (`shop_id`) REFERENCES `shop` (`id`),
  CONSTRAINT `motor_ibfk_2` FOREIGN KEY (`machine_id`, `shop_id`) REFERENCES `machine` (`id`, `shop_id`)
) ENGINE=InnoDB AUTO_INCREMENT=12 DEFAULT CHARSET=utf8mb4 COLLATE=utf8mb4_bin;
/*!40101 SET character_set_client = @saved_cs_client */;

--
-- Dumping data for table `motor`
--

LOCK TABLES `motor` WRITE;
/*!40000 ALTER TABLE `motor` DISABLE KEYS */;
INSERT INTO `motor` VALUES
(1,1,1,'3/4','hp',60,1725,'CAPACITOR_START','K',300.00,NULL,'','{\"ratedOutputWatts\":559.2750000000001,\"outputAsWritten\":\"3/4 hp\",\"ratings\":[{\"volts\":115,\"amps\":13.8},{\"volts\":230,\"amps\":6.9}],\"hertz\":60,\"rpm\":1725,\"extras\":{\"family\":\"CAPACITOR_START\",\"code\":\"K\",\"startMicrofarads\":300.0,\"runMicrofarads\":null,\"text\":\"\"}}'),
(2,1,2,'1/8','hp',60,1650,'PERMANENT_SPLIT_CAPACITOR',NULL,NULL,10.00,'','{\"ratedOutputWatts\":93.2125,\"outputAsWritten\":\"1/8 hp\",\"ratings\":[{\"volts\":115,\"amps\":2.1}],\"hertz\":60,\"rpm\":1650,\"extras\":{\"family\":\"PERMANENT_SPLIT_CAPACITOR\",\"code\":null,\"startMicrofarads\":null,\"runMicrofarads\":10.0,\"text\":\"\"}}'),
(3,1,3,'2','hp',60,1740,'CAPACITOR_START_CAPACITOR_RUN',NULL,560.00,40.00,'','{\"ratedOutputWatts\":1491.4,\"outputAsWritten\":\"2 hp\",\"ratings\":[{\"volts\":115,\"amps\":24.0},{\"volts\":230,\"amps\":12.0}],\"hertz\":60,\"rpm\":1740,\"extras\":{\"family\":\"CAPACITOR_START_CAPACITOR_RUN\",\"code\":null,\"startMicrofarads\":560.0,\"runMicrofarads\":40.0,\"text\":\"\"}}'),
(4,1,4,'1/2','hp',60,1725,'SPLIT_PHASE',NULL,NULL,NULL,'','{\"ratedOutputWatts\":372.85,\"outputAsWritten\":\"1/2 hp\",\"ratings\":[{\"volts\":115,\"amps\":8.8}],\"hertz\":60,\"rpm\":1725,\"extras\":{\"family\":\"SPLIT_PHASE\",\"code\":null,\"startMicrofarads\":null,\"runMicrofarads\":null,\"text\":\"\"}}'),
(5,1,5,'','hp',0,0,NULL,NULL,NULL,NULL,'',NULL),
(6,1,6,'1','hp',60,1725,'CAPACITOR_START',NULL,NULL,NULL,'','{\"ratedOutputWatts\":745.7,\"outputAsWritten\":\"1 hp\",\"ratings\":[{\"volts\":115,\"amps\":14.8},{\"volts\":230,\"amps\":7.4}],\"hertz\":60,\"rpm\":1725,\"extras\":{\"family\":\"CAPACITOR_START\",\"code\":null,\"startMicrofarads\":null,\"runMicrofarads\":null,\"text\":\"\"}}'),
(7,1,7,'1','hp',60,1725,NULL,NULL,NULL,NULL,'1 HP PH 3 V 230/460 A 3.4/1.7 RPM 1725 HZ 60 FR 56 CONT','{\"ratedOutputWatts\":745.7,\"outputAsWritten\":\"1 hp\",\"ratings\":[{\"volts\":230,\"amps\":3.4},{\"volts\":460,\"amps\":1.7}],\"hertz\":60,\"rpm\":1725,\"extras\":{\"family\":null,\"code\":null,\"startMicrofarads\":null,\"runMicrofarads\":null,\"text\":\"1 HP PH 3 V 230/460 A 3.4/1.7 RPM 1725 HZ 60 FR 56 CONT\"}}'),
(8,1,NULL,'1','hp',60,1725,NULL,NULL,NULL,NULL,'1 HP 115/230 V 16/8 A 60 HZ 1725 RPM FR 56 CONT','{\"ratedOutputWatts\":745.7,\"outputAsWritten\":\"1 hp\",\"ratings\":[{\"volts\":115,\"amps\":16.0},{\"volts\":230,\"amps\":8.0}],\"hertz\":60,\"rpm\":1725,\"extras\":{\"family\":null,\"code\":null,\"startMicrofarads\":null,\"runMicrofarads\":null,\"text\":\"1 HP 115/230 V 16/8 A 60 HZ 1725 RPM FR 56 CONT\"}}'),
(9,1,NULL,'1/2','hp',60,1140,NULL,NULL,NULL,NULL,'1/2 HP 115 V 8.4 A 60 HZ 1140 RPM','{\"ratedOutputWatts\":372.85,\"outputAsWritten\":\"1/2 hp\",\"ratings\":[{\"volts\":115,\"amps\":8.4}],\"hertz\":60,\"rpm\":1140,\"extras\":{\"family\":null,\"code\":null,\"startMicrofarads\":null,\"runMicrofarads\":null,\"text\":\"1/2 HP 115 V 8.4 A 60 HZ 1140 RPM\"}}'),
(10,1,NULL,'','hp',0,0,NULL,NULL,NULL,NULL,'',NULL),
(11,2,8,'0.37','kW',50,1420,'CAPACITOR_START',NULL,NULL,NULL,'','{\"ratedOutputWatts\":370.0,\"outputAsWritten\":\"0.37 kW\",\"ratings\":[{\"volts\":115,\"amps\":5.8},{\"volts\":230,\"amps\":2.9}],\"hertz\":50,\"rpm\":1420,\"extras\":{\"family\":\"CAPACITOR_START\",\"code\":null,\"startMicrofarads\":null,\"runMicrofarads\":null,\"text\":\"\"}}');
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
) ENGINE=InnoDB DEFAULT CHARSET=utf8mb4 COLLATE=utf8mb4_bin;
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
(11,230,2.90);
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
(1,1,'T1','T2',2.2,0.2,20.0,'AT_REST',0,'2026-11-30 18:58:07.043',1),
(2,1,'T3','T4',2.3,0.2,20.0,'AT_REST',0,'2026-11-30 18:58:07.120',1),
(3,1,'T5','T8',3.4,0.2,20.0,'AT_REST',0,'2026-11-30 18:58:07.228',1),
(4,1,'T1','T3',NULL,0.2,20.0,'AT_REST',0,'2026-11-30 18:58:07.369',1),
(5,1,'T1','T5',NULL,0.2,20.0,'AT_REST',0,'2026-11-30 18:58:07.429',1),
(6,1,'T3','T5',NULL,0.2,20.0,'AT_REST',0,'2026-11-30 18:58:07.462',1),
(7,1,'T1','frame',NULL,0.2,20.0,'AT_REST',0,'2026-11-30 18:58:07.536',1),
(8,1,'T3','frame',NULL,0.2,20.0,'AT_REST',0,'2026-11-30 18:58:07.571',1),
(9,1,'T5','frame',NULL,0.2,20.0,'AT_REST',0,'2026-11-30 18:58:07.609',1);
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
(1,'CHECKS',1),
(1,'DIAGRAM',1),
(1,'FOUND',1),
(1,'GEAR',1),
(1,'PLATE',1),
(1,'ROTATION',1),
(1,'SAFE',3),
(1,'SUPPLY',2),
(1,'WINDINGS',10),
(2,'CHECKS',1),
(2,'DIAGRAM',1),
(2,'FOUND',1),
(2,'PLATE',1),
(2,'ROTATION',1),
(2,'SAFE',1),
(2,'SUPPLY',2),
(2,'WINDINGS',1),
(3,'CHECKS',1),
(3,'CONTROL',1),
(3,'DIAGRAM',1),
(3,'FOUND',1),
(3,'GEAR',1),
(3,'PLATE',1),
(3,'ROTATION',1),
(3,'SAFE',1),
(3,'SUPPLY',2),
(3,'WINDINGS',1),
(4,'CHECKS',1),
(4,'DIAGRAM',1),
(4,'FOUND',1),
(4,'MAP',1),
(4,'PLATE',1),
(4,'ROTATION',1),
(4,'SAFE',1),
(4,'SUPPLY',2),
(4,'WINDINGS',1),
(5,'CHECKS',1),
(5,'FOUND',1),
(5,'PLATE',1),
(5,'SAFE',1),
(5,'WINDINGS',2),
(6,'CHECKS',1),
(6,'DIAGRAM',1),
(6,'FOUND',1),
(6,'PLATE',1),
(6,'ROTATION',1),
(6,'SAFE',1),
(6,'SUPPLY',2),
(6,'WINDINGS',1),
(7,'CHECKS',1),
(7,'FOUND',1),
(7,'MOUNT',1),
(7,'PLATE',1),
(7,'SAFE',1),
(8,'BOARD',1),
(8,'CHECKS',1),
(8,'DIAGRAM',1),
(8,'FOUND',1),
(8,'PLATE',1),
(8,'SAFE',1),
(8,'SUPPLY',1),
(8,'WINDINGS',1);
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
  `gate` enum('SAFE','FOUND','PLATE','DIAGRAM','WINDINGS','SUPPLY','ROTATION','SWITCH','WIRE','COLD','LIVE','HANDOVER') NOT NULL,
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
(1,'SAFE','PULLED','{\"key\":\"own\",\"args\":[\"\"]}'),
(1,'FOUND','PULLED','{\"key\":\"own\",\"args\":[\"\"]}'),
(1,'PLATE','PULLED','{\"key\":\"own\",\"args\":[\"\"]}'),
(1,'DIAGRAM','PULLED','{\"key\":\"own\",\"args\":[\"\"]}'),
(1,'WINDINGS','PULLED','{\"key\":\"own\",\"args\":[\"\"]}'),
(1,'SUPPLY','PULLED','{\"key\":\"own\",\"args\":[\"\"]}'),
(1,'ROTATION','PULLED','{\"key\":\"own\",\"args\":[\"\"]}'),
(2,'SAFE','PULLED','{\"key\":\"own\",\"args\":[\"\"]}'),
(2,'FOUND','PULLED','{\"key\":\"own\",\"args\":[\"\"]}'),
(2,'PLATE','PULLED','{\"key\":\"own\",\"args\":[\"\"]}'),
(2,'DIAGRAM','PULLED','{\"key\":\"own\",\"args\":[\"\"]}'),
(2,'WINDINGS','PULLED','{\"key\":\"own\",\"args\":[\"\"]}'),
(2,'SUPPLY','PULLED','{\"key\":\"own\",\"args\":[\"\"]}'),
(2,'ROTATION','PULLED','{\"key\":\"own\",\"args\":[\"\"]}'),
(3,'SAFE','PULLED','{\"key\":\"own\",\"args\":[\"\"]}'),
(3,'FOUND','PULLED','{\"key\":\"own\",\"args\":[\"\"]}'),
(3,'PLATE','PULLED','{\"key\":\"own\",\"args\":[\"\"]}'),
(3,'DIAGRAM','PULLED','{\"key\":\"own\",\"args\":[\"\"]}'),
(3,'WINDINGS','PULLED','{\"key\":\"own\",\"args\":[\"\"]}'),
(3,'SUPPLY','PULLED','{\"key\":\"own\",\"args\":[\"\"]}'),
(3,'ROTATION','PULLED','{\"key\":\"own\",\"args\":[\"\"]}'),
(4,'SAFE','PULLED','{\"key\":\"own\",\"args\":[\"\"]}'),
(4,'FOUND','PULLED','{\"key\":\"own\",\"args\":[\"\"]}'),
(4,'PLATE','PULLED','{\"key\":\"own\",\"args\":[\"\"]}'),
(4,'DIAGRAM','PULLED','{\"key\":\"own\",\"args\":[\"\"]}'),
(4,'WINDINGS','PULLED','{\"key\":\"own\",\"args\":[\"\"]}'),
(4,'SUPPLY','PULLED','{\"key\":\"own\",\"args\":[\"\"]}'),
(4,'ROTATION','PULLED','{\"key\":\"own\",\"args\":[\"\"]}'),
(5,'SAFE','PULLED','{\"key\":\"own\",\"args\":[\"\"]}'),
(5,'FOUND','PULLED','{\"key\":\"own\",\"args\":[\"\"]}'),
(6,'SAFE','PULLED','{\"key\":\"own\",\"args\":[\"\"]}'),
(6,'FOUND','PULLED','{\"key\":\"own\",\"args\":[\"\"]}'),
(6,'PLATE','PULLED','{\"key\":\"own\",\"args\":[\"\"]}'),
(6,'DIAGRAM','PULLED','{\"key\":\"own\",\"args\":[\"\"]}'),
(6,'WINDINGS','PULLED','{\"key\":\"own\",\"args\":[\"\"]}'),
(6,'SUPPLY','PULLED','{\"key\":\"own\",\"args\":[\"\"]}'),
(6,'ROTATION','PULLED','{\"key\":\"own\",\"args\":[\"\"]}'),
(7,'SAFE','PULLED','{\"key\":\"own\",\"args\":[\"\"]}'),
(7,'FOUND','PULLED','{\"key\":\"own\",\"args\":[\"\"]}'),
(8,'SAFE','PULLED','{\"key\":\"own\",\"args\":[\"\"]}'),
(8,'FOUND','PULLED','{\"key\":\"own\",\"args\":[\"\"]}'),
(8,'PLATE','PULLED','{\"key\":\"own\",\"args\":[\"\"]}'),
(8,'DIAGRAM','PULLED','{\"key\":\"own\",\"args\":[\"\"]}'),
(8,'WINDINGS','PULLED','{\"key\":\"own\",\"args\":[\"\"]}');
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
) ENGINE=InnoDB DEFAULT CHARSET=utf8mb4 COLLATE=utf8mb4_bin;
/*!40101 SET character_set_client = @saved_cs_client */;

--
-- Dumping data for table `plan`
--

LOCK TABLES `plan` WRITE;
/*!40000 ALTER TABLE `plan` DISABLE KEYS */;
/*!40000 ALTER TABLE `plan` ENABLE KEYS */;
UNLOCK TABLES;

--
-- Table structure for table `plan_wish`
--

DROP TABLE IF EXISTS `plan_wish`;
/*!40101 SET @saved_cs_client     = @@character_set_client */;
/*!40101 SET character_set_client = utf8mb4 */;
CREATE TABLE `plan_wish` (
  `job_id` bigint(20) NOT NULL,
  `every_hot_broken` tinyint(1) NOT NULL,
  `whole_current_protected` tinyint(1) NOT NULL,
  `most_conductors` smallint(6) DEFAULT NULL CHECK (`most_conductors` between 1 and 20),
  `unusable` varchar(120) NOT NULL,
  `kept` varchar(240) NOT NULL,
  PRIMARY KEY (`job_id`),
  CONSTRAINT `plan_wish_ibfk_1` FOREIGN KEY (`job_id`) REFERENCES `job` (`id`) ON DELETE CASCADE
) ENGINE=InnoDB DEFAULT CHARSET=utf8mb4 COLLATE=utf8mb4_bin;
/*!40101 SET character_set_client = @saved_cs_client */;

--
-- Dumping data for table `plan_wish`
--

LOCK TABLES `plan_wish` WRITE;
/*!40000 ALTER TABLE `plan_wish` DISABLE KEYS */;
INSERT INTO `plan_wish` VALUES
(1,1,0,7,'S1.5 S1.6','motor.T1>S1.2 motor.T4>S1.3'),
(2,0,1,NULL,'','');
/*!40000 ALTER TABLE `plan_wish` ENABLE KEYS */;
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
) ENGINE=InnoDB DEFAULT CHARSET=utf8mb4 COLLATE=utf8mb4_bin;
/*!40101 SET character_set_client = @saved_cs_client */;

--
-- Dumping data for table `practice_person`
--

LOCK TABLES `practice_person` WRITE;
/*!40000 ALTER TABLE `practice_person` DISABLE KEYS */;
/*!40000 ALTER TABLE `practice_person` ENABLE KEYS */;
UNLOCK TABLES;

--
-- Table structure for table `reverse_hazard`
--

DROP TABLE IF EXISTS `reverse_hazard`;
/*!40101 SET @saved_cs_client     = @@character_set_client */;
/*!40101 SET character_set_client = utf8mb4 */;
CREATE TABLE `reverse_hazard` (
  `job_id` bigint(20) NOT NULL,
  `hazard` varchar(20) NOT NULL,
  PRIMARY KEY (`job_id`,`hazard`),
  CONSTRAINT `reverse_hazard_ibfk_1` FOREIGN KEY (`job_id`) REFERENCES `rotation_plan` (`job_id`) ON DELETE CASCADE
) ENGINE=InnoDB DEFAULT CHARSET=utf8mb4 COLLATE=utf8mb4_bin;
/*!40101 SET character_set_client = @saved_cs_client */;

--
-- Dumping data for table `reverse_hazard`
--

LOCK TABLES `reverse_hazard` WRITE;
/*!40000 ALTER TABLE `reverse_hazard` DISABLE KEYS */;
INSERT INTO `reverse_hazard` VALUES
(3,'BLADE'),
(3,'FAN');
/*!40000 ALTER TABLE `reverse_hazard` ENABLE KEYS */;
UNLOCK TABLES;

--
-- Table structure for table `rotation_plan`
--

DROP TABLE IF EXISTS `rotation_plan`;
/*!40101 SET @saved_cs_client     = @@character_set_client */;
/*!40101 SET character_set_client = utf8mb4 */;
CREATE TABLE `rotation_plan` (
  `job_id` bigint(20) NOT NULL,
  `motion` varchar(20) NOT NULL,
  `tool` enum('CLOCKWISE','COUNTER_CLOCKWISE') NOT NULL,
  `shaft_like_tool` tinyint(1) NOT NULL,
  `both_ways` tinyint(1) NOT NULL,
  `secured` tinyint(1) NOT NULL,
  `coast_seconds` decimal(6,1) DEFAULT NULL CHECK (`coast_seconds` >= 0),
  `momentary` tinyint(1) NOT NULL,
  `machine` varchar(20) NOT NULL DEFAULT 'OTHER',
  `work_word` varchar(12) NOT NULL DEFAULT 'FORWARD',
  `back_word` varchar(12) NOT NULL DEFAULT 'REVERSE',
  PRIMARY KEY (`job_id`),
  CONSTRAINT `rotation_plan_ibfk_1` FOREIGN KEY (`job_id`) REFERENCES `job` (`id`) ON DELETE CASCADE
) ENGINE=InnoDB DEFAULT CHARSET=utf8mb4 COLLATE=utf8mb4_bin;
/*!40101 SET character_set_client = @saved_cs_client */;

--
-- Dumping data for table `rotation_plan`
--

LOCK TABLES `rotation_plan` WRITE;
/*!40000 ALTER TABLE `rotation_plan` DISABLE KEYS */;
INSERT INTO `rotation_plan` VALUES
(1,'SEEN','CLOCKWISE',1,1,0,4.0,0,'CRUSHER','FORWARD','REVERSE'),
(2,'SEEN','CLOCKWISE',1,1,0,3.0,0,'OTHER','FORWARD','REVERSE'),
(3,'SAW_LEFT','CLOCKWISE',1,1,0,3.0,0,'OTHER','FORWARD','REVERSE'),
(4,'DRILL','CLOCKWISE',1,1,0,3.0,0,'DRILL','IN','OUT'),
(6,'SEEN','CLOCKWISE',1,1,0,3.0,1,'HOIST','UP','DOWN');
/*!40000 ALTER TABLE `rotation_plan` ENABLE KEYS */;
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
(8,'LOOSE','',0,0,0,1);
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
(8,'Cider pump motor, grey','the old cider pump','Pump seized, motor sound. Shaft threaded M10 at its end.',1,1,'5/8','3/16','3 1/2','FEET','2026-11-30 18:58:11.523',1,NULL,''),
(9,'Green blower motor','a barn fan','Leads cut short, thermal contacts cut off.',0,NULL,'1/2','','','FACE','2026-11-30 18:58:11.546',1,NULL,''),
(10,'Motor from the hedge','','Plate painted over. Smells of nothing.',0,NULL,'16 mm','','90 mm','FEET','2026-11-30 18:58:11.551',1,NULL,'');
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
(21,'FORWARD',126,128),
(21,'FORWARD',127,129),
(21,'FORWARD',130,131),
(21,'REVERSE',126,127),
(21,'REVERSE',128,129),
(21,'REVERSE',130,131),
(22,'FORWARD',132,133),
(22,'FORWARD',132,134),
(22,'FORWARD',135,136),
(22,'FORWARD',136,137),
(22,'REVERSE',132,133),
(22,'REVERSE',132,135),
(22,'REVERSE',134,136),
(22,'REVERSE',136,137),
(23,'FORWARD',138,140),
(23,'FORWARD',139,141),
(23,'FORWARD',142,143),
(23,'REVERSE',138,139),
(23,'REVERSE',140,141),
(23,'REVERSE',142,143),
(24,'FORWARD',144,146),
(24,'FORWARD',145,147),
(24,'REVERSE',146,148),
(24,'REVERSE',147,149),
(25,'FORWARD',150,152),
(25,'FORWARD',151,153),
(25,'REVERSE',152,154),
(25,'REVERSE',153,155),
(26,'FORWARD',156,158),
(26,'FORWARD',157,159),
(26,'REVERSE',158,160),
(26,'REVERSE',159,161),
(27,'FORWARD',162,165),
(27,'FORWARD',163,166),
(27,'FORWARD',164,167),
(27,'REVERSE',165,168),
(27,'REVERSE',166,169),
(27,'REVERSE',167,170),
(28,'FORWARD',171,174),
(28,'FORWARD',172,175),
(28,'FORWARD',173,176),
(28,'REVERSE',174,177),
(28,'REVERSE',175,178),
(28,'REVERSE',176,179),
(29,'FORWARD',180,183),
(29,'FORWARD',181,184),
(29,'FORWARD',182,185),
(29,'REVERSE',183,186),
(29,'REVERSE',184,187),
(29,'REVERSE',185,188),
(30,'FORWARD',189,193),
(30,'FORWARD',190,194),
(30,'FORWARD',191,195),
(30,'FORWARD',192,196),
(30,'REVERSE',193,197),
(30,'REVERSE',194,198),
(30,'REVERSE',195,199),
(30,'REVERSE',196,200),
(31,'FORWARD',201,205),
(31,'FORWARD',202,206),
(31,'FORWARD',203,207),
(31,'FORWARD',204,208),
(31,'REVERSE',205,209),
(31,'REVERSE',206,210),
(31,'REVERSE',207,211),
(31,'REVERSE',208,212),
(32,'FORWARD',213,214),
(32,'FORWARD',215,216),
(32,'REVERSE',217,218),
(32,'REVERSE',219,220),
(33,'FORWARD',221,222),
(33,'FORWARD',223,224),
(33,'FORWARD',229,230),
(33,'REVERSE',225,226),
(33,'REVERSE',227,228),
(33,'REVERSE',229,230),
(34,'FORWARD',231,232),
(34,'FORWARD',233,234),
(34,'FORWARD',239,240),
(34,'FORWARD',241,242),
(34,'REVERSE',235,236),
(34,'REVERSE',237,238),
(34,'REVERSE',239,240),
(34,'REVERSE',241,242),
(35,'FORWARD',243,244),
(35,'FORWARD',245,246),
(35,'FORWARD',247,249),
(35,'FORWARD',248,250),
(35,'REVERSE',243,244),
(35,'REVERSE',245,246),
(35,'REVERSE',247,250),
(35,'REVERSE',248,249);
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
(18,1,'on-off-1','On and off, one pole','Two terminals: a toggle, a rocker, a push-pull switch. It breaks one line; the other stays on the motor.',0,1),
(19,1,'on-off-2','On and off, two poles','Four terminals: a toggle, a push-pull switch, a manual starter. Both lines are broken.',0,1),
(20,1,'by-itself-2','Pressure or float switch','Four terminals, the line\'s outside. It makes and breaks both lines by itself: the motor starts without warning.',0,1),
(21,2,'cross-corner-drum','Cross-corner drum','Six terminals in three rows. The upper four cross over, the lower pair is on both ways.',0,1),
(22,2,'centre-swap-drum','Centre-swap drum','Six terminals in two columns. Top pair and bottom pair each take one centre, the other way the other.',0,1),
(23,2,'cross-corner-drum-spring','Cross-corner drum, spring return','As the cross-corner drum, but the handle springs back to the middle.',1,1),
(24,2,'dpdt-centre-off','DPDT toggle, centre off','Six terminals, the commons in the middle row.',0,1),
(25,2,'dpdt-straight-across','DPDT toggle, no centre','Six terminals, the commons in the middle row; the handle rests on one side or the other.',0,0),
(26,2,'dpdt-spring','DPDT toggle, spring return','Six terminals, the commons in the middle row; the handle springs back from both sides.',1,1),
(27,2,'tpdt-centre-off','3PDT toggle, centre off','Nine terminals, the commons in the middle row.',0,1),
(28,2,'tpdt-straight-across','3PDT toggle, no centre','Nine terminals, the commons in the middle row; the handle rests on one side or the other.',0,0),
(29,2,'tpdt-spring','3PDT toggle, spring return','Nine terminals, the commons in the middle row; the handle springs back from both sides.',1,1),
(30,2,'4pdt-centre-off','4PDT toggle, centre off','Twelve terminals, the commons in the middle row.',0,1),
(31,2,'4pdt-straight-across','4PDT toggle, no centre','Twelve terminals, the commons in the middle row; the handle rests on one side or the other.',0,0),
(32,2,'cam-8','Cam switch, 8 terminals','Four pairs side by side: two close one way, two the other way.',0,1),
(33,2,'cam-10','Cam switch, 10 terminals','Five pairs side by side: two close one way, two the other way, one both ways.',0,1),
(34,2,'cam-12','Cam switch, 12 terminals','Six pairs side by side: two close one way, two the other way, two both ways.',0,1),
(35,2,'two-tier','Two-tier switch','Upper deck on and off, lower deck crosses a pair over. Links join the decks; they come out unless the plan uses them.',0,1),
(36,2,'contactors-3','Two contactors, three poles','K1 is in one way, K2 the other; push-buttons and a control circuit work them.',0,1),
(37,2,'contactors-4','Two contactors, four poles','K1 is in one way, K2 the other; push-buttons and a control circuit work them.',0,1),
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
(35,244,247),
(35,246,248);
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
(126,21,'1',0,0,0),
(127,21,'2',0,1,0),
(128,21,'3',1,0,0),
(129,21,'4',1,1,0),
(130,21,'5',2,0,0),
(131,21,'6',2,1,0),
(132,22,'1',0,0,0),
(133,22,'2',0,1,0),
(134,22,'3',1,0,0),
(135,22,'4',1,1,0),
(136,22,'5',2,0,0),
(137,22,'6',2,1,0),
(138,23,'1',0,0,0),
(139,23,'2',0,1,0),
(140,23,'3',1,0,0),
(141,23,'4',1,1,0),
(142,23,'5',2,0,0),
(143,23,'6',2,1,0),
(144,24,'1',0,0,0),
(145,24,'2',0,1,0),
(146,24,'3',1,0,0),
(147,24,'4',1,1,0),
(148,24,'5',2,0,0),
(149,24,'6',2,1,0),
(150,25,'1',0,0,0),
(151,25,'2',0,1,0),
(152,25,'3',1,0,0),
(153,25,'4',1,1,0),
(154,25,'5',2,0,0),
(155,25,'6',2,1,0),
(156,26,'1',0,0,0),
(157,26,'2',0,1,0),
(158,26,'3',1,0,0),
(159,26,'4',1,1,0),
(160,26,'5',2,0,0),
(161,26,'6',2,1,0),
(162,27,'1',0,0,0),
(163,27,'2',0,1,0),
(164,27,'3',0,2,0),
(165,27,'4',1,0,0),
(166,27,'5',1,1,0),
(167,27,'6',1,2,0),
(168,27,'7',2,0,0),
(169,27,'8',2,1,0),
(170,27,'9',2,2,0),
(171,28,'1',0,0,0),
(172,28,'2',0,1,0),
(173,28,'3',0,2,0),
(174,28,'4',1,0,0),
(175,28,'5',1,1,0),
(176,28,'6',1,2,0),
(177,28,'7',2,0,0),
(178,28,'8',2,1,0),
(179,28,'9',2,2,0),
(180,29,'1',0,0,0),
(181,29,'2',0,1,0),
(182,29,'3',0,2,0),
(183,29,'4',1,0,0),
(184,29,'5',1,1,0),
(185,29,'6',1,2,0),
(186,29,'7',2,0,0),
(187,29,'8',2,1,0),
(188,29,'9',2,2,0),
(189,30,'1',0,0,0),
(190,30,'2',0,1,0),
(191,30,'3',0,2,0),
(192,30,'4',0,3,0),
(193,30,'5',1,0,0),
(194,30,'6',1,1,0),
(195,30,'7',1,2,0),
(196,30,'8',1,3,0),
(197,30,'9',2,0,0),
(198,30,'10',2,1,0),
(199,30,'11',2,2,0),
(200,30,'12',2,3,0),
(201,31,'1',0,0,0),
(202,31,'2',0,1,0),
(203,31,'3',0,2,0),
(204,31,'4',0,3,0),
(205,31,'5',1,0,0),
(206,31,'6',1,1,0),
(207,31,'7',1,2,0),
(208,31,'8',1,3,0),
(209,31,'9',2,0,0),
(210,31,'10',2,1,0),
(211,31,'11',2,2,0),
(212,31,'12',2,3,0),
(213,32,'1',0,0,0),
(214,32,'2',0,1,0),
(215,32,'3',1,0,0),
(216,32,'4',1,1,0),
(217,32,'5',2,0,0),
(218,32,'6',2,1,0),
(219,32,'7',3,0,0),
(220,32,'8',3,1,0),
(221,33,'1',0,0,0),
(222,33,'2',0,1,0),
(223,33,'3',1,0,0),
(224,33,'4',1,1,0),
(225,33,'5',2,0,0),
(226,33,'6',2,1,0),
(227,33,'7',3,0,0),
(228,33,'8',3,1,0),
(229,33,'9',4,0,0),
(230,33,'10',4,1,0),
(231,34,'1',0,0,0),
(232,34,'2',0,1,0),
(233,34,'3',1,0,0),
(234,34,'4',1,1,0),
(235,34,'5',2,0,0),
(236,34,'6',2,1,0),
(237,34,'7',3,0,0),
(238,34,'8',3,1,0),
(239,34,'9',4,0,0),
(240,34,'10',4,1,0),
(241,34,'11',5,0,0),
(242,34,'12',5,1,0),
(243,35,'1',0,0,0),
(244,35,'2',0,1,0),
(245,35,'3',1,0,0),
(246,35,'4',1,1,0),
(247,35,'5',2,0,0),
(248,35,'6',2,1,0),
(249,35,'7',3,0,0),
(250,35,'8',3,1,0);
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
(11,1,NULL,NULL,'','',NULL,NULL);
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
) ENGINE=InnoDB DEFAULT CHARSET=utf8mb4 COLLATE=utf8mb4_bin;
/*!40101 SET character_set_client = @saved_cs_client */;

--
-- Dumping data for table `wire`
--

LOCK TABLES `wire` WRITE;
/*!40000 ALTER TABLE `wire` DISABLE KEYS */;
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

-- Dump completed on 2026-11-30 19:02:56
