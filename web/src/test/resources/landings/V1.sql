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
  `swap_first` bigint(20) NOT NULL,
  `swap_second` bigint(20) NOT NULL,
  PRIMARY KEY (`id`),
  UNIQUE KEY `motor_id` (`motor_id`,`volts`),
  UNIQUE KEY `id` (`id`,`motor_id`),
  KEY `swap_first` (`swap_first`,`motor_id`),
  KEY `swap_second` (`swap_second`,`motor_id`),
  CONSTRAINT `connection_ibfk_1` FOREIGN KEY (`motor_id`) REFERENCES `motor` (`id`) ON DELETE CASCADE,
  CONSTRAINT `connection_ibfk_2` FOREIGN KEY (`swap_first`, `motor_id`) REFERENCES `lead_wire` (`id`, `motor_id`) ON DELETE CASCADE,
  CONSTRAINT `connection_ibfk_3` FOREIGN KEY (`swap_second`, `motor_id`) REFERENCES `lead_wire` (`id`, `motor_id`) ON DELETE CASCADE,
  CONSTRAINT `CONSTRAINT_1` CHECK (`swap_first` <> `swap_second`)
) ENGINE=InnoDB AUTO_INCREMENT=2 DEFAULT CHARSET=utf8mb4 COLLATE=utf8mb4_unicode_520_ci;
/*!40101 SET character_set_client = @saved_cs_client */;

--
-- Dumping data for table `connection`
--

LOCK TABLES `connection` WRITE;
/*!40000 ALTER TABLE `connection` DISABLE KEYS */;
INSERT INTO `connection` VALUES
(1,1,230,'COUNTER_CLOCKWISE','OPPOSITE_END',5,6);
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
) ENGINE=InnoDB DEFAULT CHARSET=utf8mb4 COLLATE=utf8mb4_unicode_520_ci;
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
(1,1,6,2);
/*!40000 ALTER TABLE `connection_lead` ENABLE KEYS */;
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
(1,'1','lane','SQL','V1__lane.sql',2002307265,'gatepin_owner','2026-11-27 02:07:15',53,1);
/*!40000 ALTER TABLE `flyway_schema_history` ENABLE KEYS */;
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
  `version` int(11) NOT NULL DEFAULT 0,
  PRIMARY KEY (`id`),
  UNIQUE KEY `machine_id` (`machine_id`),
  UNIQUE KEY `id` (`id`,`shop_id`),
  KEY `machine_id_2` (`machine_id`,`shop_id`),
  KEY `switch_id` (`switch_id`,`shop_id`),
  KEY `plan_id` (`plan_id`,`id`),
  CONSTRAINT `job_ibfk_1` FOREIGN KEY (`machine_id`, `shop_id`) REFERENCES `machine` (`id`, `shop_id`),
  CONSTRAINT `job_ibfk_2` FOREIGN KEY (`switch_id`, `shop_id`) REFERENCES `switch_device` (`id`, `shop_id`),
  CONSTRAINT `job_ibfk_3` FOREIGN KEY (`plan_id`, `id`) REFERENCES `plan` (`id`, `job_id`)
) ENGINE=InnoDB AUTO_INCREMENT=9 DEFAULT CHARSET=utf8mb4 COLLATE=utf8mb4_unicode_520_ci;
/*!40101 SET character_set_client = @saved_cs_client */;

--
-- Dumping data for table `job`
--

LOCK TABLES `job` WRITE;
/*!40000 ALTER TABLE `job` DISABLE KEYS */;
INSERT INTO `job` VALUES
(1,1,1,230,'TWO_HOT',1,NULL,2),
(2,1,2,NULL,'HOT_AND_NEUTRAL',NULL,NULL,0),
(3,1,3,NULL,'HOT_AND_NEUTRAL',NULL,NULL,0),
(4,1,4,NULL,'HOT_AND_NEUTRAL',NULL,NULL,0),
(5,1,5,NULL,'HOT_AND_NEUTRAL',NULL,NULL,0),
(6,1,6,NULL,'HOT_AND_NEUTRAL',NULL,NULL,0),
(7,1,7,NULL,'HOT_AND_NEUTRAL',NULL,NULL,0),
(8,2,8,NULL,'HOT_AND_NEUTRAL',NULL,NULL,0);
/*!40000 ALTER TABLE `job` ENABLE KEYS */;
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
  `circuit` enum('RUN','START','PROTECTOR') NOT NULL,
  `winding_number` tinyint(4) NOT NULL CHECK (`winding_number` in (1,2)),
  `like_end` tinyint(1) NOT NULL,
  PRIMARY KEY (`id`),
  UNIQUE KEY `motor_id` (`motor_id`,`mark`),
  UNIQUE KEY `id` (`id`,`motor_id`),
  CONSTRAINT `lead_wire_ibfk_1` FOREIGN KEY (`motor_id`) REFERENCES `motor` (`id`) ON DELETE CASCADE
) ENGINE=InnoDB AUTO_INCREMENT=7 DEFAULT CHARSET=utf8mb4 COLLATE=utf8mb4_unicode_520_ci;
/*!40101 SET character_set_client = @saved_cs_client */;

--
-- Dumping data for table `lead_wire`
--

LOCK TABLES `lead_wire` WRITE;
/*!40000 ALTER TABLE `lead_wire` DISABLE KEYS */;
INSERT INTO `lead_wire` VALUES
(1,1,'T1','blue','RUN',1,1),
(2,1,'T2','white','RUN',1,0),
(3,1,'T3','orange','RUN',2,1),
(4,1,'T4','yellow','RUN',2,0),
(5,1,'T5','black','START',1,1),
(6,1,'T8','red','START',1,0);
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
  `words` varchar(600) NOT NULL,
  PRIMARY KEY (`id`),
  KEY `job_id` (`job_id`,`id`),
  KEY `job_id_2` (`job_id`,`shop_id`),
  KEY `person_id` (`person_id`),
  CONSTRAINT `log_entry_ibfk_1` FOREIGN KEY (`job_id`, `shop_id`) REFERENCES `job` (`id`, `shop_id`),
  CONSTRAINT `log_entry_ibfk_2` FOREIGN KEY (`person_id`) REFERENCES `person` (`id`)
) ENGINE=InnoDB AUTO_INCREMENT=24 DEFAULT CHARSET=utf8mb4 COLLATE=utf8mb4_unicode_520_ci;
/*!40101 SET character_set_client = @saved_cs_client */;

--
-- Dumping data for table `log_entry`
--

LOCK TABLES `log_entry` WRITE;
/*!40000 ALTER TABLE `log_entry` DISABLE KEYS */;
INSERT INTO `log_entry` VALUES
(1,1,1,1,'2026-11-27 02:07:17.642','OPENED','Job opened for the Apple scratter.'),
(2,1,1,1,'2026-11-27 02:07:17.688','SAVED','Plate saved: 3/4 hp, 115/230 V, 60 Hz, 1725 rpm.'),
(3,1,1,1,'2026-11-27 02:07:17.704','PULLED','Plate: pin pulled.'),
(4,1,1,1,'2026-11-27 02:07:17.767','SAVED','Diagram saved for 230 V (two hots): L1 with T1, L2 with T4 T8.'),
(5,1,1,1,'2026-11-27 02:07:17.786','PULLED','Diagram: pin pulled.'),
(6,1,1,1,'2026-11-27 02:07:17.819','SAVED','Switch chosen: Cross-corner drum.'),
(7,1,2,1,'2026-11-27 02:07:17.829','OPENED','Job opened for the Honey extractor.'),
(8,1,2,1,'2026-11-27 02:07:17.839','SAVED','Plate saved: 1/8 hp, 115 V, 60 Hz, 1650 rpm.'),
(9,1,2,1,'2026-11-27 02:07:17.843','PULLED','Plate: pin pulled.'),
(10,1,3,1,'2026-11-27 02:07:17.852','OPENED','Job opened for the Seed auger.'),
(11,1,3,1,'2026-11-27 02:07:17.862','SAVED','Plate saved: 2 hp, 115/230 V, 60 Hz, 1740 rpm.'),
(12,1,3,1,'2026-11-27 02:07:17.872','PULLED','Plate: pin pulled.'),
(13,1,4,1,'2026-11-27 02:07:17.876','OPENED','Job opened for the Tapping drill.'),
(14,1,4,1,'2026-11-27 02:07:17.888','SAVED','Plate saved: 1/2 hp, 115 V, 60 Hz, 1725 rpm.'),
(15,1,4,1,'2026-11-27 02:07:17.892','PULLED','Plate: pin pulled.'),
(16,1,5,1,'2026-11-27 02:07:17.897','OPENED','Job opened for the Sorting-belt blower.'),
(17,1,6,1,'2026-11-27 02:07:17.900','OPENED','Job opened for the Hay-loft winch.'),
(18,1,6,1,'2026-11-27 02:07:17.905','SAVED','Plate saved: 1 hp, 115/230 V, 60 Hz, 1725 rpm.'),
(19,1,6,1,'2026-11-27 02:07:17.909','PULLED','Plate: pin pulled.'),
(20,1,7,1,'2026-11-27 02:07:17.912','OPENED','Job opened for the Tool grinder.'),
(21,2,8,2,'2026-11-27 02:07:17.928','OPENED','Job opened for the Potter\'s wheel.'),
(22,2,8,2,'2026-11-27 02:07:17.934','SAVED','Plate saved: 0.37 kW, 230 V, 50 Hz, 1420 rpm.'),
(23,2,8,2,'2026-11-27 02:07:17.938','PULLED','Plate: pin pulled.');
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
  PRIMARY KEY (`id`),
  UNIQUE KEY `shop_id` (`shop_id`,`name`),
  UNIQUE KEY `id` (`id`,`shop_id`),
  CONSTRAINT `machine_ibfk_1` FOREIGN KEY (`shop_id`) REFERENCES `shop` (`id`)
) ENGINE=InnoDB AUTO_INCREMENT=9 DEFAULT CHARSET=utf8mb4 COLLATE=utf8mb4_unicode_520_ci;
/*!40101 SET character_set_client = @saved_cs_client */;

--
-- Dumping data for table `machine`
--

LOCK TABLES `machine` WRITE;
/*!40000 ALTER TABLE `machine` DISABLE KEYS */;
INSERT INTO `machine` VALUES
(1,1,'Apple scratter','Capacitor start, six leads. Reverses to clear jams.'),
(2,1,'Honey extractor','Gearmotor with one oil-filled capacitor, no click. Four wires in two colour pairs.'),
(3,1,'Seed auger','Two humps, two contactors and a push-button box. 60 m from the panel.'),
(4,1,'Tapping drill','Split phase, cam switch without a chart.'),
(5,1,'Sorting-belt blower','Five wires, no marks left, plate unreadable.'),
(6,1,'Hay-loft winch','Drum that springs back to the middle.'),
(7,1,'Tool grinder','Nine leads, PH 3 on the plate. Not a single-phase motor.'),
(8,2,'Potter\'s wheel','IEC marks on a stud board, links landed by somebody else.');
/*!40000 ALTER TABLE `machine` ENABLE KEYS */;
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
  `machine_id` bigint(20) NOT NULL,
  `output` varchar(20) NOT NULL,
  `output_unit` enum('hp','kW') NOT NULL,
  `hertz` smallint(6) NOT NULL CHECK (`hertz` in (0,50,60)),
  `rpm` smallint(6) NOT NULL CHECK (`rpm` between 0 and 3600),
  `version` int(11) NOT NULL DEFAULT 0,
  PRIMARY KEY (`id`),
  UNIQUE KEY `machine_id` (`machine_id`),
  UNIQUE KEY `id` (`id`,`shop_id`),
  KEY `shop_id` (`shop_id`),
  KEY `machine_id_2` (`machine_id`,`shop_id`),
  CONSTRAINT `motor_ibfk_1` FOREIGN KEY (`shop_id`) REFERENCES `shop` (`id`),
  CONSTRAINT `motor_ibfk_2` FOREIGN KEY (`machine_id`, `shop_id`) REFERENCES `machine` (`id`, `shop_id`)
) ENGINE=InnoDB AUTO_INCREMENT=9 DEFAULT CHARSET=utf8mb4 COLLATE=utf8mb4_unicode_520_ci;
/*!40101 SET character_set_client = @saved_cs_client */;

--
-- Dumping data for table `motor`
--

LOCK TABLES `motor` WRITE;
/*!40000 ALTER TABLE `motor` DISABLE KEYS */;
INSERT INTO `motor` VALUES
(1,1,1,'3/4','hp',60,1725,2),
(2,1,2,'1/8','hp',60,1650,1),
(3,1,3,'2','hp',60,1740,1),
(4,1,4,'1/2','hp',60,1725,1),
(5,1,5,'','hp',0,0,0),
(6,1,6,'1','hp',60,1725,1),
(7,1,7,'','hp',0,0,0),
(8,2,8,'0.37','kW',50,1420,1);
/*!40000 ALTER TABLE `motor` ENABLE KEYS */;
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
) ENGINE=InnoDB DEFAULT CHARSET=utf8mb4 COLLATE=utf8mb4_unicode_520_ci;
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
(8,230,2.90);
/*!40000 ALTER TABLE `motor_rating` ENABLE KEYS */;
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
) ENGINE=InnoDB AUTO_INCREMENT=3 DEFAULT CHARSET=utf8mb4 COLLATE=utf8mb4_unicode_520_ci;
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
-- Table structure for table `pin`
--

DROP TABLE IF EXISTS `pin`;
/*!40101 SET @saved_cs_client     = @@character_set_client */;
/*!40101 SET character_set_client = utf8mb4 */;
CREATE TABLE `pin` (
  `job_id` bigint(20) NOT NULL,
  `gate` enum('PLATE','DIAGRAM','SWITCH','WIRE') NOT NULL,
  `state` enum('HELD','PULLED','OVERRIDDEN','DROPPED') NOT NULL,
  `reason` varchar(500) NOT NULL,
  PRIMARY KEY (`job_id`,`gate`),
  CONSTRAINT `pin_ibfk_1` FOREIGN KEY (`job_id`) REFERENCES `job` (`id`) ON DELETE CASCADE
) ENGINE=InnoDB DEFAULT CHARSET=utf8mb4 COLLATE=utf8mb4_unicode_520_ci;
/*!40101 SET character_set_client = @saved_cs_client */;

--
-- Dumping data for table `pin`
--

LOCK TABLES `pin` WRITE;
/*!40000 ALTER TABLE `pin` DISABLE KEYS */;
INSERT INTO `pin` VALUES
(1,'PLATE','PULLED',''),
(1,'DIAGRAM','PULLED',''),
(2,'PLATE','PULLED',''),
(3,'PLATE','PULLED',''),
(4,'PLATE','PULLED',''),
(6,'PLATE','PULLED',''),
(8,'PLATE','PULLED','');
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
  `name` varchar(120) NOT NULL,
  `hot_leads_in_off` smallint(6) NOT NULL,
  `hot_lines_unbroken` smallint(6) NOT NULL,
  `neutral_switched` smallint(6) NOT NULL,
  `conductors` smallint(6) NOT NULL,
  `jumpers` smallint(6) NOT NULL,
  `most_on_one_terminal` smallint(6) NOT NULL,
  `chosen_at` timestamp(3) NOT NULL,
  PRIMARY KEY (`id`),
  UNIQUE KEY `id` (`id`,`job_id`),
  KEY `job_id` (`job_id`),
  CONSTRAINT `plan_ibfk_1` FOREIGN KEY (`job_id`) REFERENCES `job` (`id`) ON DELETE CASCADE
) ENGINE=InnoDB DEFAULT CHARSET=utf8mb4 COLLATE=utf8mb4_unicode_520_ci;
/*!40101 SET character_set_client = @saved_cs_client */;

--
-- Dumping data for table `plan`
--

LOCK TABLES `plan` WRITE;
/*!40000 ALTER TABLE `plan` DISABLE KEYS */;
/*!40000 ALTER TABLE `plan` ENABLE KEYS */;
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
  PRIMARY KEY (`id`),
  UNIQUE KEY `name` (`name`)
) ENGINE=InnoDB AUTO_INCREMENT=3 DEFAULT CHARSET=utf8mb4 COLLATE=utf8mb4_unicode_520_ci;
/*!40101 SET character_set_client = @saved_cs_client */;

--
-- Dumping data for table `shop`
--

LOCK TABLES `shop` WRITE;
/*!40000 ALTER TABLE `shop` DISABLE KEYS */;
INSERT INTO `shop` VALUES
(1,'Saltmarsh Orchard','NORTH_AMERICA'),
(2,'Tern Quay Pottery','IEC');
/*!40000 ALTER TABLE `shop` ENABLE KEYS */;
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
) ENGINE=InnoDB DEFAULT CHARSET=utf8mb4 COLLATE=utf8mb4_unicode_520_ci;
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
(3,'REVERSE',15,17),
(3,'REVERSE',16,18),
(4,'FORWARD',19,21),
(4,'FORWARD',20,22),
(4,'FORWARD',23,24),
(4,'REVERSE',19,20),
(4,'REVERSE',21,22),
(4,'REVERSE',23,24),
(5,'FORWARD',25,26),
(5,'FORWARD',25,27),
(5,'FORWARD',28,29),
(5,'FORWARD',29,30),
(5,'REVERSE',25,26),
(5,'REVERSE',25,28),
(5,'REVERSE',27,29),
(5,'REVERSE',29,30),
(6,'FORWARD',31,33),
(6,'FORWARD',32,34),
(6,'REVERSE',33,35),
(6,'REVERSE',34,36);
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
  PRIMARY KEY (`id`),
  UNIQUE KEY `shop_id` (`shop_id`,`kind`),
  UNIQUE KEY `id` (`id`,`shop_id`),
  CONSTRAINT `switch_device_ibfk_1` FOREIGN KEY (`shop_id`) REFERENCES `shop` (`id`)
) ENGINE=InnoDB AUTO_INCREMENT=7 DEFAULT CHARSET=utf8mb4 COLLATE=utf8mb4_unicode_520_ci;
/*!40101 SET character_set_client = @saved_cs_client */;

--
-- Dumping data for table `switch_device`
--

LOCK TABLES `switch_device` WRITE;
/*!40000 ALTER TABLE `switch_device` DISABLE KEYS */;
INSERT INTO `switch_device` VALUES
(1,1,'cross-corner-drum','Cross-corner drum','Six terminals in three rows. The upper four cross over, the lower pair is on both ways.'),
(2,1,'centre-swap-drum','Centre-swap drum','Six terminals in two columns. Top pair and bottom pair each take one centre, the other way the other.'),
(3,1,'dpdt-centre-off','DPDT toggle, centre off','Six terminals, the commons in the middle row.'),
(4,2,'cross-corner-drum','Cross-corner drum','Six terminals in three rows. The upper four cross over, the lower pair is on both ways.'),
(5,2,'centre-swap-drum','Centre-swap drum','Six terminals in two columns. Top pair and bottom pair each take one centre, the other way the other.'),
(6,2,'dpdt-centre-off','DPDT toggle, centre off','Six terminals, the commons in the middle row.');
/*!40000 ALTER TABLE `switch_device` ENABLE KEYS */;
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
  PRIMARY KEY (`id`),
  UNIQUE KEY `switch_id` (`switch_id`,`mark`),
  UNIQUE KEY `switch_id_2` (`switch_id`,`face_row`,`face_column`),
  UNIQUE KEY `id` (`id`,`switch_id`),
  CONSTRAINT `switch_terminal_ibfk_1` FOREIGN KEY (`switch_id`) REFERENCES `switch_device` (`id`) ON DELETE CASCADE
) ENGINE=InnoDB AUTO_INCREMENT=37 DEFAULT CHARSET=utf8mb4 COLLATE=utf8mb4_unicode_520_ci;
/*!40101 SET character_set_client = @saved_cs_client */;

--
-- Dumping data for table `switch_terminal`
--

LOCK TABLES `switch_terminal` WRITE;
/*!40000 ALTER TABLE `switch_terminal` DISABLE KEYS */;
INSERT INTO `switch_terminal` VALUES
(1,1,'1',0,0),
(2,1,'2',0,1),
(3,1,'3',1,0),
(4,1,'4',1,1),
(5,1,'5',2,0),
(6,1,'6',2,1),
(7,2,'1',0,0),
(8,2,'2',0,1),
(9,2,'3',1,0),
(10,2,'4',1,1),
(11,2,'5',2,0),
(12,2,'6',2,1),
(13,3,'1',0,0),
(14,3,'2',0,1),
(15,3,'3',1,0),
(16,3,'4',1,1),
(17,3,'5',2,0),
(18,3,'6',2,1),
(19,4,'1',0,0),
(20,4,'2',0,1),
(21,4,'3',1,0),
(22,4,'4',1,1),
(23,4,'5',2,0),
(24,4,'6',2,1),
(25,5,'1',0,0),
(26,5,'2',0,1),
(27,5,'3',1,0),
(28,5,'4',1,1),
(29,5,'5',2,0),
(30,5,'6',2,1),
(31,6,'1',0,0),
(32,6,'2',0,1),
(33,6,'3',1,0),
(34,6,'4',1,1),
(35,6,'5',2,0),
(36,6,'6',2,1);
/*!40000 ALTER TABLE `switch_terminal` ENABLE KEYS */;
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
) ENGINE=InnoDB DEFAULT CHARSET=utf8mb4 COLLATE=utf8mb4_unicode_520_ci;
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

-- Dump completed on 2026-11-27  2:07:20
