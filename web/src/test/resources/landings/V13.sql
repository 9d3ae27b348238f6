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
) ENGINE=InnoDB AUTO_INCREMENT=4 DEFAULT CHARSET=utf8mb4 COLLATE=utf8mb4_unicode_520_ci;
/*!40101 SET character_set_client = @saved_cs_client */;

--
-- Dumping data for table `board_layout`
--

LOCK TABLES `board_layout` WRITE;
/*!40000 ALTER TABLE `board_layout` DISABLE KEYS */;
INSERT INTO `board_layout` VALUES
(1,8,'FOUND',115),
(2,8,'DIAGRAM',115),
(3,8,'DIAGRAM',230);
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
) ENGINE=InnoDB DEFAULT CHARSET=utf8mb4 COLLATE=utf8mb4_unicode_520_ci;
/*!40101 SET character_set_client = @saved_cs_client */;

--
-- Dumping data for table `board_lead`
--

LOCK TABLES `board_lead` WRITE;
/*!40000 ALTER TABLE `board_lead` DISABLE KEYS */;
INSERT INTO `board_lead` VALUES
(1,8,'L1','U1'),
(1,8,'Z1','U1'),
(2,8,'L1','U1'),
(3,8,'L1','U1'),
(1,8,'L2','U2'),
(2,8,'Z1','V1'),
(3,8,'Z1','V1'),
(1,8,'Z2','V2'),
(2,8,'L2','V2'),
(2,8,'Z2','V2'),
(3,8,'L2','V2'),
(3,8,'Z2','V2');
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
) ENGINE=InnoDB DEFAULT CHARSET=utf8mb4 COLLATE=utf8mb4_unicode_520_ci;
/*!40101 SET character_set_client = @saved_cs_client */;

--
-- Dumping data for table `board_link`
--

LOCK TABLES `board_link` WRITE;
/*!40000 ALTER TABLE `board_link` DISABLE KEYS */;
INSERT INTO `board_link` VALUES
(1,8,'U1','V1'),
(1,8,'U2','V2'),
(2,8,'U1','V1'),
(2,8,'U2','V2'),
(3,8,'U2','V1');
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
) ENGINE=InnoDB DEFAULT CHARSET=utf8mb4 COLLATE=utf8mb4_unicode_520_ci;
/*!40101 SET character_set_client = @saved_cs_client */;

--
-- Dumping data for table `cable_lengths`
--

LOCK TABLES `cable_lengths` WRITE;
/*!40000 ALTER TABLE `cable_lengths` DISABLE KEYS */;
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
  PRIMARY KEY (`id`),
  UNIQUE KEY `job_id` (`job_id`,`name`),
  CONSTRAINT `capacitor_ibfk_1` FOREIGN KEY (`job_id`) REFERENCES `job` (`id`) ON DELETE CASCADE
) ENGINE=InnoDB AUTO_INCREMENT=2 DEFAULT CHARSET=utf8mb4 COLLATE=utf8mb4_unicode_520_ci;
/*!40101 SET character_set_client = @saved_cs_client */;

--
-- Dumping data for table `capacitor`
--

LOCK TABLES `capacitor` WRITE;
/*!40000 ALTER TABLE `capacitor` DISABLE KEYS */;
INSERT INTO `capacitor` VALUES
(1,1,'start capacitor',300.00,165,'SEEN',15000.0);
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
) ENGINE=InnoDB AUTO_INCREMENT=2 DEFAULT CHARSET=utf8mb4 COLLATE=utf8mb4_unicode_520_ci;
/*!40101 SET character_set_client = @saved_cs_client */;

--
-- Dumping data for table `capacitor_reading`
--

LOCK TABLES `capacitor_reading` WRITE;
/*!40000 ALTER TABLE `capacitor_reading` DISABLE KEYS */;
INSERT INTO `capacitor_reading` VALUES
(1,1,0.4,'a bleeding resistor','2026-11-27 02:22:57.679',1);
/*!40000 ALTER TABLE `capacitor_reading` ENABLE KEYS */;
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
  `swap_first` bigint(20) NOT NULL,
  `swap_second` bigint(20) NOT NULL,
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
) ENGINE=InnoDB AUTO_INCREMENT=6 DEFAULT CHARSET=utf8mb4 COLLATE=utf8mb4_unicode_520_ci;
/*!40101 SET character_set_client = @saved_cs_client */;

--
-- Dumping data for table `connection`
--

LOCK TABLES `connection` WRITE;
/*!40000 ALTER TABLE `connection` DISABLE KEYS */;
INSERT INTO `connection` VALUES
(1,1,230,'COUNTER_CLOCKWISE','OPPOSITE_END',5,6,0),
(2,2,115,'CLOCKWISE','OPPOSITE_END',9,10,0),
(3,4,115,'COUNTER_CLOCKWISE','OPPOSITE_END',13,14,0),
(4,6,230,'COUNTER_CLOCKWISE','OPPOSITE_END',21,22,0),
(5,8,230,'CLOCKWISE','SHAFT_END',27,28,0);
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
(1,1,6,2),
(2,2,7,1),
(2,2,8,2),
(2,2,9,1),
(2,2,10,2),
(3,4,11,1),
(3,4,12,2),
(3,4,13,1),
(3,4,14,2),
(4,6,15,1),
(4,6,16,3),
(4,6,17,3),
(4,6,18,4),
(4,6,19,4),
(4,6,20,2),
(4,6,21,4),
(4,6,22,2),
(5,8,23,1),
(5,8,24,3),
(5,8,25,3),
(5,8,26,2),
(5,8,27,3),
(5,8,28,2);
/*!40000 ALTER TABLE `connection_lead` ENABLE KEYS */;
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
) ENGINE=InnoDB DEFAULT CHARSET=utf8mb4 COLLATE=utf8mb4_unicode_520_ci;
/*!40101 SET character_set_client = @saved_cs_client */;

--
-- Dumping data for table `drive_stage`
--

LOCK TABLES `drive_stage` WRITE;
/*!40000 ALTER TABLE `drive_stage` DISABLE KEYS */;
INSERT INTO `drive_stage` VALUES
(1,0,'BELT',63,200,0),
(2,0,'GEAR_PAIR',1,2,0),
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
(1,'1','lane','SQL','V1__lane.sql',2002307265,'gatepin_owner','2026-11-27 02:22:55',40,1),
(2,'2','engine','SQL','V2__engine.sql',-1741364834,'gatepin_owner','2026-11-27 02:22:55',4,1),
(3,'3','plate and supply','SQL','V3__plate_and_supply.sql',-1115742331,'gatepin_owner','2026-11-27 02:22:55',16,1),
(4,'4','rebuilt columns','SQL','V4__rebuilt_columns.sql',-1260950997,'gatepin_owner','2026-11-27 02:22:55',10,1),
(5,'5','stud boards','SQL','V5__stud_boards.sql',-542685300,'gatepin_owner','2026-11-27 02:22:55',8,1),
(6,'6','shop outlets','SQL','V6__shop_outlets.sql',820151270,'gatepin_owner','2026-11-27 02:22:55',2,1),
(7,'7','shared leads','SQL','V7__shared_leads.sql',641982386,'gatepin_owner','2026-11-27 02:22:55',6,1),
(8,'8','safe found windings','SQL','V8__safe_found_windings.sql',1462717481,'gatepin_owner','2026-11-27 02:22:55',40,1),
(9,'9','rotation','SQL','V9__rotation.sql',1306956049,'gatepin_owner','2026-11-27 02:22:55',10,1),
(10,'10','switch rating','SQL','V10__switch_rating.sql',1136280382,'gatepin_owner','2026-11-27 02:22:55',10,1),
(11,'11','switch maps','SQL','V11__switch_maps.sql',-1559845436,'gatepin_owner','2026-11-27 02:22:55',22,1),
(12,'12','devices','SQL','V12__devices.sql',225486259,'gatepin_owner','2026-11-27 02:22:55',8,1),
(13,'13','lengths','SQL','V13__lengths.sql',1920722638,'gatepin_owner','2026-11-27 02:22:55',9,1);
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
) ENGINE=InnoDB DEFAULT CHARSET=utf8mb4 COLLATE=utf8mb4_unicode_520_ci;
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
  `version` int(11) NOT NULL DEFAULT 0,
  PRIMARY KEY (`job_id`),
  CONSTRAINT `found_record_ibfk_1` FOREIGN KEY (`job_id`) REFERENCES `job` (`id`) ON DELETE CASCADE
) ENGINE=InnoDB DEFAULT CHARSET=utf8mb4 COLLATE=utf8mb4_unicode_520_ci;
/*!40101 SET character_set_client = @saved_cs_client */;

--
-- Dumping data for table `found_record`
--

LOCK TABLES `found_record` WRITE;
/*!40000 ALTER TABLE `found_record` DISABLE KEYS */;
INSERT INTO `found_record` VALUES
(1,0,1),
(2,1,1),
(3,1,1),
(4,1,1),
(5,1,1),
(6,1,1),
(7,1,1),
(8,1,1);
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
) ENGINE=InnoDB DEFAULT CHARSET=utf8mb4 COLLATE=utf8mb4_unicode_520_ci;
/*!40101 SET character_set_client = @saved_cs_client */;

--
-- Dumping data for table `found_wire`
--

LOCK TABLES `found_wire` WRITE;
/*!40000 ALTER TABLE `found_wire` DISABLE KEYS */;
INSERT INTO `found_wire` VALUES
(1,1,'T1','blue',0,'motor.T1','S1.5',''),
(1,2,'','black',0,'S1.6','supply.L1',''),
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
) ENGINE=InnoDB DEFAULT CHARSET=utf8mb4 COLLATE=utf8mb4_unicode_520_ci;
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
) ENGINE=InnoDB AUTO_INCREMENT=4 DEFAULT CHARSET=utf8mb4 COLLATE=utf8mb4_unicode_520_ci;
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
  `switch_rating` varchar(120) NOT NULL DEFAULT '',
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
(1,1,1,230,'TWO_HOT',1,NULL,3,'1 HP 120 V, 2 HP 240 V'),
(2,1,2,115,'HOT_AND_NEUTRAL',NULL,NULL,2,''),
(3,1,3,NULL,'HOT_AND_NEUTRAL',NULL,NULL,0,''),
(4,1,4,115,'HOT_AND_NEUTRAL',NULL,NULL,2,''),
(5,1,5,NULL,'HOT_AND_NEUTRAL',NULL,NULL,0,''),
(6,1,6,230,'TWO_HOT',NULL,NULL,2,''),
(7,1,7,NULL,'HOT_AND_NEUTRAL',NULL,NULL,0,''),
(8,2,8,230,'HOT_AND_NEUTRAL',NULL,NULL,1,'');
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
) ENGINE=InnoDB DEFAULT CHARSET=utf8mb4 COLLATE=utf8mb4_unicode_520_ci;
/*!40101 SET character_set_client = @saved_cs_client */;

--
-- Dumping data for table `job_supply`
--

LOCK TABLES `job_supply` WRITE;
/*!40000 ALTER TABLE `job_supply` DISABLE KEYS */;
INSERT INTO `job_supply` VALUES
(1,18.288,'NEMA 6-15'),
(2,6.096,'NEMA 5-15'),
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
) ENGINE=InnoDB DEFAULT CHARSET=utf8mb4 COLLATE=utf8mb4_unicode_520_ci;
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
(11,4,'RUN',1,1),
(12,4,'RUN',1,0),
(13,4,'START',1,1),
(14,4,'START',1,0),
(15,6,'PROTECTOR',1,1),
(16,6,'PROTECTOR',1,0),
(17,6,'RUN',1,1),
(18,6,'RUN',1,0),
(19,6,'RUN',2,1),
(20,6,'RUN',2,0),
(21,6,'START',1,1),
(22,6,'START',1,0),
(23,8,'RUN',1,1),
(24,8,'RUN',1,0),
(25,8,'RUN',2,1),
(26,8,'RUN',2,0),
(27,8,'START',1,1),
(28,8,'START',1,0);
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
) ENGINE=InnoDB AUTO_INCREMENT=29 DEFAULT CHARSET=utf8mb4 COLLATE=utf8mb4_unicode_520_ci;
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
(11,4,'T1','blue'),
(12,4,'T4','yellow'),
(13,4,'T5','black'),
(14,4,'T8','red'),
(15,6,'P1',''),
(16,6,'P2','brown'),
(17,6,'T1','blue'),
(18,6,'T2','white'),
(19,6,'T3','orange'),
(20,6,'T4','yellow'),
(21,6,'T5','black'),
(22,6,'T8','red'),
(23,8,'U1',''),
(24,8,'U2',''),
(25,8,'V1',''),
(26,8,'V2',''),
(27,8,'Z1',''),
(28,8,'Z2','');
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
) ENGINE=InnoDB AUTO_INCREMENT=104 DEFAULT CHARSET=utf8mb4 COLLATE=utf8mb4_unicode_520_ci;
/*!40101 SET character_set_client = @saved_cs_client */;

--
-- Dumping data for table `log_entry`
--

LOCK TABLES `log_entry` WRITE;
/*!40000 ALTER TABLE `log_entry` DISABLE KEYS */;
INSERT INTO `log_entry` VALUES
(1,1,1,1,'2026-11-27 02:22:57.582','OPENED','Job opened for the Apple scratter.'),
(2,1,1,1,'2026-11-27 02:22:57.649','SAVED','Capacitor written down: start capacitor, 300 µF, 165 V.'),
(3,1,1,1,'2026-11-27 02:22:57.681','SAVED','start capacitor measured: 0.4 V, discharged through a bleeding resistor.'),
(4,1,1,1,'2026-11-27 02:22:57.692','SAVED','Lock-out saved: unplugged, the plug in sight or in a locked cover, Plug in my pocket; meter tried before: yes, dead: yes, meter tried after: yes.'),
(5,1,1,1,'2026-11-27 02:22:57.712','PULLED','Safe: pin pulled.'),
(6,1,1,1,'2026-11-27 02:22:57.731','SAVED','As found: 11 wires written down.'),
(7,1,1,1,'2026-11-27 02:22:57.754','PULLED','As found: pin pulled.'),
(8,1,1,1,'2026-11-27 02:22:57.797','SAVED','Plate saved: 3/4 hp, 115/230 V, 60 Hz, 1725 rpm.'),
(9,1,1,1,'2026-11-27 02:22:57.817','PULLED','Plate: pin pulled.'),
(10,1,1,1,'2026-11-27 02:22:57.858','SAVED','Diagram saved for 230 V (two hots): L1 with T1, L2 with T4 T8.'),
(11,1,1,1,'2026-11-27 02:22:58.176','PULLED','Diagram: pin pulled.'),
(12,1,1,1,'2026-11-27 02:22:58.185','SAVED','Leads to measure: T1, T2, T3, T4, T5, T8.'),
(13,1,1,1,'2026-11-27 02:22:58.213','SAVED','Ohmmeter: T1 to T2 2.20 Ω.'),
(14,1,1,1,'2026-11-27 02:22:58.290','SAVED','Ohmmeter: T3 to T4 2.30 Ω.'),
(15,1,1,1,'2026-11-27 02:22:58.358','SAVED','Ohmmeter: T5 to T8 3.40 Ω.'),
(16,1,1,1,'2026-11-27 02:22:58.402','SAVED','Ohmmeter: T1 to T3 OL.'),
(17,1,1,1,'2026-11-27 02:22:58.422','SAVED','Ohmmeter: T1 to T5 OL.'),
(18,1,1,1,'2026-11-27 02:22:58.442','SAVED','Ohmmeter: T3 to T5 OL.'),
(19,1,1,1,'2026-11-27 02:22:58.474','SAVED','Ohmmeter: T1 to frame OL.'),
(20,1,1,1,'2026-11-27 02:22:58.500','SAVED','Ohmmeter: T3 to frame OL.'),
(21,1,1,1,'2026-11-27 02:22:58.533','SAVED','Ohmmeter: T5 to frame OL.'),
(22,1,1,1,'2026-11-27 02:22:58.576','PULLED','Windings: pin pulled.'),
(23,1,1,1,'2026-11-27 02:22:58.597','SAVED','Supply saved: 230 V (two hots), 60 ft from the panel, present plug: NEMA 6-15.'),
(24,1,1,1,'2026-11-27 02:22:58.629','PULLED','Supply: pin pulled.'),
(25,1,1,1,'2026-11-27 02:22:58.639','SAVED','Rotation saved: the shaft turns clockwise, facing the shaft end, for the tool to work; both ways.'),
(26,1,1,1,'2026-11-27 02:22:58.675','PULLED','Rotation: pin pulled.'),
(27,1,1,1,'2026-11-27 02:22:58.708','SAVED','Switch chosen: Cross-corner drum.'),
(28,1,2,1,'2026-11-27 02:22:58.729','OPENED','Job opened for the Honey extractor.'),
(29,1,2,1,'2026-11-27 02:22:58.734','SAVED','Lock-out saved: a loose motor, not connected to anything; meter tried before: no, dead: no, meter tried after: no.'),
(30,1,2,1,'2026-11-27 02:22:58.741','PULLED','Safe: pin pulled.'),
(31,1,2,1,'2026-11-27 02:22:58.746','SAVED','As found: nothing is connected.'),
(32,1,2,1,'2026-11-27 02:22:58.753','PULLED','As found: pin pulled.'),
(33,1,2,1,'2026-11-27 02:22:58.758','SAVED','Plate saved: 1/8 hp, 115 V, 60 Hz, 1650 rpm.'),
(34,1,2,1,'2026-11-27 02:22:58.767','PULLED','Plate: pin pulled.'),
(35,1,2,1,'2026-11-27 02:22:58.780','SAVED','Diagram saved for 115 V: L1 with black blue, L2 with black/yellow blue/yellow.'),
(36,1,2,1,'2026-11-27 02:22:58.822','PULLED','Diagram: pin pulled.'),
(37,1,2,1,'2026-11-27 02:22:58.828','SAVED','The marks on the leads are relied on as the maker\'s own.'),
(38,1,2,1,'2026-11-27 02:22:58.846','PULLED','Windings: pin pulled.'),
(39,1,2,1,'2026-11-27 02:22:58.859','SAVED','Supply saved: 115 V, 20 ft from the panel, present plug: NEMA 5-15.'),
(40,1,2,1,'2026-11-27 02:22:58.877','PULLED','Supply: pin pulled.'),
(41,1,2,1,'2026-11-27 02:22:58.884','SAVED','Rotation saved: the shaft turns counter-clockwise, facing the shaft end, for the tool to work; both ways.'),
(42,1,2,1,'2026-11-27 02:22:58.900','PULLED','Rotation: pin pulled.'),
(43,1,3,1,'2026-11-27 02:22:58.903','OPENED','Job opened for the Seed auger.'),
(44,1,3,1,'2026-11-27 02:22:58.907','SAVED','Lock-out saved: a loose motor, not connected to anything; meter tried before: no, dead: no, meter tried after: no.'),
(45,1,3,1,'2026-11-27 02:22:58.914','PULLED','Safe: pin pulled.'),
(46,1,3,1,'2026-11-27 02:22:58.919','SAVED','As found: nothing is connected.'),
(47,1,3,1,'2026-11-27 02:22:58.927','PULLED','As found: pin pulled.'),
(48,1,3,1,'2026-11-27 02:22:58.934','SAVED','Plate saved: 2 hp, 115/230 V, 60 Hz, 1740 rpm.'),
(49,1,3,1,'2026-11-27 02:22:58.943','PULLED','Plate: pin pulled.'),
(50,1,4,1,'2026-11-27 02:22:58.946','OPENED','Job opened for the Tapping drill.'),
(51,1,4,1,'2026-11-27 02:22:58.950','SAVED','Lock-out saved: a loose motor, not connected to anything; meter tried before: no, dead: no, meter tried after: no.'),
(52,1,4,1,'2026-11-27 02:22:58.958','PULLED','Safe: pin pulled.'),
(53,1,4,1,'2026-11-27 02:22:58.963','SAVED','As found: nothing is connected.'),
(54,1,4,1,'2026-11-27 02:22:58.970','PULLED','As found: pin pulled.'),
(55,1,4,1,'2026-11-27 02:22:58.981','SAVED','Plate saved: 1/2 hp, 115 V, 60 Hz, 1725 rpm.'),
(56,1,4,1,'2026-11-27 02:22:58.996','PULLED','Plate: pin pulled.'),
(57,1,4,1,'2026-11-27 02:22:59.017','SAVED','Diagram saved for 115 V: L1 with T1 T5, L2 with T4 T8.'),
(58,1,4,1,'2026-11-27 02:22:59.082','PULLED','Diagram: pin pulled.'),
(59,1,4,1,'2026-11-27 02:22:59.089','SAVED','The marks on the leads are relied on as the maker\'s own.'),
(60,1,4,1,'2026-11-27 02:22:59.114','PULLED','Windings: pin pulled.'),
(61,1,4,1,'2026-11-27 02:22:59.130','SAVED','Supply saved: 115 V, 30 ft from the panel, present plug: NEMA 5-15.'),
(62,1,4,1,'2026-11-27 02:22:59.162','PULLED','Supply: pin pulled.'),
(63,1,4,1,'2026-11-27 02:22:59.170','SAVED','Rotation saved: the shaft turns clockwise, facing the shaft end, for the tool to work; both ways.'),
(64,1,4,1,'2026-11-27 02:22:59.190','PULLED','Rotation: pin pulled.'),
(65,1,5,1,'2026-11-27 02:22:59.207','OPENED','Job opened for the Sorting-belt blower.'),
(66,1,5,1,'2026-11-27 02:22:59.212','SAVED','Lock-out saved: a loose motor, not connected to anything; meter tried before: no, dead: no, meter tried after: no.'),
(67,1,5,1,'2026-11-27 02:22:59.220','PULLED','Safe: pin pulled.'),
(68,1,5,1,'2026-11-27 02:22:59.224','SAVED','As found: nothing is connected.'),
(69,1,5,1,'2026-11-27 02:22:59.233','PULLED','As found: pin pulled.'),
(70,1,5,1,'2026-11-27 02:22:59.239','SAVED','Leads to measure: 1, 2, 3, 4, 5.'),
(71,1,6,1,'2026-11-27 02:22:59.253','OPENED','Job opened for the Hay-loft winch.'),
(72,1,6,1,'2026-11-27 02:22:59.257','SAVED','Lock-out saved: a loose motor, not connected to anything; meter tried before: no, dead: no, meter tried after: no.'),
(73,1,6,1,'2026-11-27 02:22:59.265','PULLED','Safe: pin pulled.'),
(74,1,6,1,'2026-11-27 02:22:59.271','SAVED','As found: nothing is connected.'),
(75,1,6,1,'2026-11-27 02:22:59.280','PULLED','As found: pin pulled.'),
(76,1,6,1,'2026-11-27 02:22:59.286','SAVED','Plate saved: 1 hp, 115/230 V, 60 Hz, 1725 rpm.'),
(77,1,6,1,'2026-11-27 02:22:59.297','PULLED','Plate: pin pulled.'),
(78,1,6,1,'2026-11-27 02:22:59.324','SAVED','Diagram saved for 230 V (two hots): L1 with P1, L2 with T4 T8.'),
(79,1,6,1,'2026-11-27 02:22:59.384','PULLED','Diagram: pin pulled.'),
(80,1,6,1,'2026-11-27 02:22:59.392','SAVED','The marks on the leads are relied on as the maker\'s own.'),
(81,1,6,1,'2026-11-27 02:22:59.426','PULLED','Windings: pin pulled.'),
(82,1,6,1,'2026-11-27 02:22:59.443','SAVED','Supply saved: 230 V (two hots), 70 ft from the panel, present plug: fixed wiring.'),
(83,1,6,1,'2026-11-27 02:22:59.469','PULLED','Supply: pin pulled.'),
(84,1,6,1,'2026-11-27 02:22:59.478','SAVED','Rotation saved: the shaft turns clockwise, facing the shaft end, for the tool to work; both ways.'),
(85,1,6,1,'2026-11-27 02:22:59.506','PULLED','Rotation: pin pulled.'),
(86,1,7,1,'2026-11-27 02:22:59.510','OPENED','Job opened for the Tool grinder.'),
(87,1,7,1,'2026-11-27 02:22:59.515','SAVED','Lock-out saved: a loose motor, not connected to anything; meter tried before: no, dead: no, meter tried after: no.'),
(88,1,7,1,'2026-11-27 02:22:59.525','PULLED','Safe: pin pulled.'),
(89,1,7,1,'2026-11-27 02:22:59.532','SAVED','As found: nothing is connected.'),
(90,1,7,1,'2026-11-27 02:22:59.540','PULLED','As found: pin pulled.'),
(91,1,7,1,'2026-11-27 02:22:59.591','SAVED','Plate saved: 1 hp, 230/460 V, 60 Hz, 1725 rpm.'),
(92,2,8,2,'2026-11-27 02:22:59.670','OPENED','Job opened for the Potter\'s wheel.'),
(93,2,8,2,'2026-11-27 02:22:59.680','SAVED','Lock-out saved: a loose motor, not connected to anything; meter tried before: no, dead: no, meter tried after: no.'),
(94,2,8,2,'2026-11-27 02:22:59.687','PULLED','Safe: pin pulled.'),
(95,2,8,2,'2026-11-27 02:22:59.693','SAVED','As found: nothing is connected.'),
(96,2,8,2,'2026-11-27 02:22:59.701','PULLED','As found: pin pulled.'),
(97,2,8,2,'2026-11-27 02:22:59.706','SAVED','Plate saved: 0.37 kW, 115/230 V, 50 Hz, 1420 rpm.'),
(98,2,8,2,'2026-11-27 02:22:59.714','PULLED','Plate: pin pulled.'),
(99,2,8,2,'2026-11-27 02:22:59.727','SAVED','Diagram saved for 230 V: L1 with U1, L2 with V2 Z2.'),
(100,2,8,2,'2026-11-27 02:22:59.757','PULLED','Diagram: pin pulled.'),
(101,2,8,2,'2026-11-27 02:22:59.775','SAVED','Stud board saved: found linked for 115 V (U1–V1, U2–V2).'),
(102,2,8,2,'2026-11-27 02:22:59.780','SAVED','The marks on the leads are relied on as the maker\'s own.'),
(103,2,8,2,'2026-11-27 02:22:59.796','PULLED','Windings: pin pulled.');
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
(6,1,'Hay-loft winch','Drum that springs back to the middle. Its protector comes out on P1 and P2.'),
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
  `family` enum('SPLIT_PHASE','CAPACITOR_START','CAPACITOR_START_CAPACITOR_RUN','PERMANENT_SPLIT_CAPACITOR') DEFAULT NULL,
  `code_letter` char(1) DEFAULT NULL CHECK (`code_letter` regexp '^[A-HJ-NPR-V]$'),
  `start_microfarads` decimal(7,2) DEFAULT NULL CHECK (`start_microfarads` > 0),
  `run_microfarads` decimal(7,2) DEFAULT NULL CHECK (`run_microfarads` > 0),
  `plate_text` varchar(600) NOT NULL DEFAULT '',
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
(1,1,1,'3/4','hp',60,1725,2,'CAPACITOR_START','K',300.00,NULL,''),
(2,1,2,'1/8','hp',60,1650,2,'PERMANENT_SPLIT_CAPACITOR',NULL,NULL,10.00,''),
(3,1,3,'2','hp',60,1740,1,'CAPACITOR_START_CAPACITOR_RUN',NULL,560.00,40.00,''),
(4,1,4,'1/2','hp',60,1725,2,'SPLIT_PHASE',NULL,NULL,NULL,''),
(5,1,5,'','hp',0,0,0,NULL,NULL,NULL,NULL,''),
(6,1,6,'1','hp',60,1725,2,'CAPACITOR_START',NULL,NULL,NULL,''),
(7,1,7,'1','hp',60,1725,1,NULL,NULL,NULL,NULL,'1 HP PH 3 V 230/460 A 3.4/1.7 RPM 1725 HZ 60 FR 56 CONT'),
(8,2,8,'0.37','kW',50,1420,3,'CAPACITOR_START',NULL,NULL,NULL,'');
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
(7,230,3.40),
(7,460,1.70),
(8,115,5.80),
(8,230,2.90);
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
) ENGINE=InnoDB AUTO_INCREMENT=10 DEFAULT CHARSET=utf8mb4 COLLATE=utf8mb4_unicode_520_ci;
/*!40101 SET character_set_client = @saved_cs_client */;

--
-- Dumping data for table `ohm_reading`
--

LOCK TABLES `ohm_reading` WRITE;
/*!40000 ALTER TABLE `ohm_reading` DISABLE KEYS */;
INSERT INTO `ohm_reading` VALUES
(1,1,'T1','T2',2.2,0.2,20.0,'AT_REST',0,'2026-11-27 02:22:58.212',1),
(2,1,'T3','T4',2.3,0.2,20.0,'AT_REST',0,'2026-11-27 02:22:58.282',1),
(3,1,'T5','T8',3.4,0.2,20.0,'AT_REST',0,'2026-11-27 02:22:58.357',1),
(4,1,'T1','T3',NULL,0.2,20.0,'AT_REST',0,'2026-11-27 02:22:58.400',1),
(5,1,'T1','T5',NULL,0.2,20.0,'AT_REST',0,'2026-11-27 02:22:58.421',1),
(6,1,'T3','T5',NULL,0.2,20.0,'AT_REST',0,'2026-11-27 02:22:58.441',1),
(7,1,'T1','frame',NULL,0.2,20.0,'AT_REST',0,'2026-11-27 02:22:58.473',1),
(8,1,'T3','frame',NULL,0.2,20.0,'AT_REST',0,'2026-11-27 02:22:58.497',1),
(9,1,'T5','frame',NULL,0.2,20.0,'AT_REST',0,'2026-11-27 02:22:58.532',1);
/*!40000 ALTER TABLE `ohm_reading` ENABLE KEYS */;
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
) ENGINE=InnoDB DEFAULT CHARSET=utf8mb4 COLLATE=utf8mb4_unicode_520_ci;
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
) ENGINE=InnoDB DEFAULT CHARSET=utf8mb4 COLLATE=utf8mb4_unicode_520_ci;
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
  `gate` enum('SAFE','FOUND','PLATE','DIAGRAM','WINDINGS','SUPPLY','ROTATION','SWITCH','WIRE') NOT NULL,
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
(1,'SAFE','PULLED',''),
(1,'FOUND','PULLED',''),
(1,'PLATE','PULLED',''),
(1,'DIAGRAM','PULLED',''),
(1,'WINDINGS','PULLED',''),
(1,'SUPPLY','PULLED',''),
(1,'ROTATION','PULLED',''),
(2,'SAFE','PULLED',''),
(2,'FOUND','PULLED',''),
(2,'PLATE','PULLED',''),
(2,'DIAGRAM','PULLED',''),
(2,'WINDINGS','PULLED',''),
(2,'SUPPLY','PULLED',''),
(2,'ROTATION','PULLED',''),
(3,'SAFE','PULLED',''),
(3,'FOUND','PULLED',''),
(3,'PLATE','PULLED',''),
(4,'SAFE','PULLED',''),
(4,'FOUND','PULLED',''),
(4,'PLATE','PULLED',''),
(4,'DIAGRAM','PULLED',''),
(4,'WINDINGS','PULLED',''),
(4,'SUPPLY','PULLED',''),
(4,'ROTATION','PULLED',''),
(5,'SAFE','PULLED',''),
(5,'FOUND','PULLED',''),
(6,'SAFE','PULLED',''),
(6,'FOUND','PULLED',''),
(6,'PLATE','PULLED',''),
(6,'DIAGRAM','PULLED',''),
(6,'WINDINGS','PULLED',''),
(6,'SUPPLY','PULLED',''),
(6,'ROTATION','PULLED',''),
(7,'SAFE','PULLED',''),
(7,'FOUND','PULLED',''),
(8,'SAFE','PULLED',''),
(8,'FOUND','PULLED',''),
(8,'PLATE','PULLED',''),
(8,'DIAGRAM','PULLED',''),
(8,'WINDINGS','PULLED','');
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
  `beside_protector` smallint(6) NOT NULL DEFAULT 0,
  `beyond_diagram` smallint(6) NOT NULL DEFAULT 0,
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
) ENGINE=InnoDB DEFAULT CHARSET=utf8mb4 COLLATE=utf8mb4_unicode_520_ci;
/*!40101 SET character_set_client = @saved_cs_client */;

--
-- Dumping data for table `plan_wish`
--

LOCK TABLES `plan_wish` WRITE;
/*!40000 ALTER TABLE `plan_wish` DISABLE KEYS */;
/*!40000 ALTER TABLE `plan_wish` ENABLE KEYS */;
UNLOCK TABLES;

--
-- Table structure for table `plate_photo`
--

DROP TABLE IF EXISTS `plate_photo`;
/*!40101 SET @saved_cs_client     = @@character_set_client */;
/*!40101 SET character_set_client = utf8mb4 */;
CREATE TABLE `plate_photo` (
  `motor_id` bigint(20) NOT NULL,
  `width` int(11) NOT NULL CHECK (`width` > 0),
  `height` int(11) NOT NULL CHECK (`height` > 0),
  `jpeg` mediumblob NOT NULL,
  `added_at` timestamp(3) NOT NULL,
  PRIMARY KEY (`motor_id`),
  CONSTRAINT `plate_photo_ibfk_1` FOREIGN KEY (`motor_id`) REFERENCES `motor` (`id`) ON DELETE CASCADE
) ENGINE=InnoDB DEFAULT CHARSET=utf8mb4 COLLATE=utf8mb4_unicode_520_ci;
/*!40101 SET character_set_client = @saved_cs_client */;

--
-- Dumping data for table `plate_photo`
--

LOCK TABLES `plate_photo` WRITE;
/*!40000 ALTER TABLE `plate_photo` DISABLE KEYS */;
/*!40000 ALTER TABLE `plate_photo` ENABLE KEYS */;
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
) ENGINE=InnoDB DEFAULT CHARSET=utf8mb4 COLLATE=utf8mb4_unicode_520_ci;
/*!40101 SET character_set_client = @saved_cs_client */;

--
-- Dumping data for table `reverse_hazard`
--

LOCK TABLES `reverse_hazard` WRITE;
/*!40000 ALTER TABLE `reverse_hazard` DISABLE KEYS */;
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
  `version` int(11) NOT NULL DEFAULT 0,
  PRIMARY KEY (`job_id`),
  CONSTRAINT `rotation_plan_ibfk_1` FOREIGN KEY (`job_id`) REFERENCES `job` (`id`) ON DELETE CASCADE
) ENGINE=InnoDB DEFAULT CHARSET=utf8mb4 COLLATE=utf8mb4_unicode_520_ci;
/*!40101 SET character_set_client = @saved_cs_client */;

--
-- Dumping data for table `rotation_plan`
--

LOCK TABLES `rotation_plan` WRITE;
/*!40000 ALTER TABLE `rotation_plan` DISABLE KEYS */;
INSERT INTO `rotation_plan` VALUES
(1,'SEEN','CLOCKWISE',1,1,0,4.0,0,1),
(2,'SEEN','CLOCKWISE',1,1,0,3.0,0,1),
(4,'DRILL','CLOCKWISE',1,1,0,3.0,0,1),
(6,'SEEN','CLOCKWISE',1,1,0,3.0,1,1);
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
) ENGINE=InnoDB DEFAULT CHARSET=utf8mb4 COLLATE=utf8mb4_unicode_520_ci;
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
) ENGINE=InnoDB DEFAULT CHARSET=utf8mb4 COLLATE=utf8mb4_unicode_520_ci;
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
) ENGINE=InnoDB DEFAULT CHARSET=utf8mb4 COLLATE=utf8mb4_unicode_520_ci;
/*!40101 SET character_set_client = @saved_cs_client */;

--
-- Dumping data for table `stud`
--

LOCK TABLES `stud` WRITE;
/*!40000 ALTER TABLE `stud` DISABLE KEYS */;
INSERT INTO `stud` VALUES
(8,'U1',0,0),
(8,'V1',0,1),
(8,'U2',1,0),
(8,'V2',1,1);
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
) ENGINE=InnoDB DEFAULT CHARSET=utf8mb4 COLLATE=utf8mb4_unicode_520_ci;
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
(16,'FORWARD',126,128),
(16,'FORWARD',127,129),
(16,'FORWARD',130,131),
(16,'REVERSE',126,127),
(16,'REVERSE',128,129),
(16,'REVERSE',130,131),
(17,'FORWARD',132,133),
(17,'FORWARD',132,134),
(17,'FORWARD',135,136),
(17,'FORWARD',136,137),
(17,'REVERSE',132,133),
(17,'REVERSE',132,135),
(17,'REVERSE',134,136),
(17,'REVERSE',136,137),
(18,'FORWARD',138,140),
(18,'FORWARD',139,141),
(18,'FORWARD',142,143),
(18,'REVERSE',138,139),
(18,'REVERSE',140,141),
(18,'REVERSE',142,143),
(19,'FORWARD',144,146),
(19,'FORWARD',145,147),
(19,'REVERSE',146,148),
(19,'REVERSE',147,149),
(20,'FORWARD',150,152),
(20,'FORWARD',151,153),
(20,'REVERSE',152,154),
(20,'REVERSE',153,155),
(21,'FORWARD',156,158),
(21,'FORWARD',157,159),
(21,'REVERSE',158,160),
(21,'REVERSE',159,161),
(22,'FORWARD',162,165),
(22,'FORWARD',163,166),
(22,'FORWARD',164,167),
(22,'REVERSE',165,168),
(22,'REVERSE',166,169),
(22,'REVERSE',167,170),
(23,'FORWARD',171,174),
(23,'FORWARD',172,175),
(23,'FORWARD',173,176),
(23,'REVERSE',174,177),
(23,'REVERSE',175,178),
(23,'REVERSE',176,179),
(24,'FORWARD',180,183),
(24,'FORWARD',181,184),
(24,'FORWARD',182,185),
(24,'REVERSE',183,186),
(24,'REVERSE',184,187),
(24,'REVERSE',185,188),
(25,'FORWARD',189,193),
(25,'FORWARD',190,194),
(25,'FORWARD',191,195),
(25,'FORWARD',192,196),
(25,'REVERSE',193,197),
(25,'REVERSE',194,198),
(25,'REVERSE',195,199),
(25,'REVERSE',196,200),
(26,'FORWARD',201,205),
(26,'FORWARD',202,206),
(26,'FORWARD',203,207),
(26,'FORWARD',204,208),
(26,'REVERSE',205,209),
(26,'REVERSE',206,210),
(26,'REVERSE',207,211),
(26,'REVERSE',208,212),
(27,'FORWARD',213,214),
(27,'FORWARD',215,216),
(27,'REVERSE',217,218),
(27,'REVERSE',219,220),
(28,'FORWARD',221,222),
(28,'FORWARD',223,224),
(28,'FORWARD',229,230),
(28,'REVERSE',225,226),
(28,'REVERSE',227,228),
(28,'REVERSE',229,230),
(29,'FORWARD',231,232),
(29,'FORWARD',233,234),
(29,'FORWARD',239,240),
(29,'FORWARD',241,242),
(29,'REVERSE',235,236),
(29,'REVERSE',237,238),
(29,'REVERSE',239,240),
(29,'REVERSE',241,242),
(30,'FORWARD',243,244),
(30,'FORWARD',245,246),
(30,'FORWARD',247,249),
(30,'FORWARD',248,250),
(30,'REVERSE',243,244),
(30,'REVERSE',245,246),
(30,'REVERSE',247,250),
(30,'REVERSE',248,249);
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
) ENGINE=InnoDB AUTO_INCREMENT=31 DEFAULT CHARSET=utf8mb4 COLLATE=utf8mb4_unicode_520_ci;
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
(16,2,'cross-corner-drum','Cross-corner drum','Six terminals in three rows. The upper four cross over, the lower pair is on both ways.',0,1),
(17,2,'centre-swap-drum','Centre-swap drum','Six terminals in two columns. Top pair and bottom pair each take one centre, the other way the other.',0,1),
(18,2,'cross-corner-drum-spring','Cross-corner drum, spring return','As the cross-corner drum, but the handle springs back to the middle.',1,1),
(19,2,'dpdt-centre-off','DPDT toggle, centre off','Six terminals, the commons in the middle row.',0,1),
(20,2,'dpdt-straight-across','DPDT toggle, no centre','Six terminals, the commons in the middle row; the handle rests on one side or the other.',0,0),
(21,2,'dpdt-spring','DPDT toggle, spring return','Six terminals, the commons in the middle row; the handle springs back from both sides.',1,1),
(22,2,'tpdt-centre-off','3PDT toggle, centre off','Nine terminals, the commons in the middle row.',0,1),
(23,2,'tpdt-straight-across','3PDT toggle, no centre','Nine terminals, the commons in the middle row; the handle rests on one side or the other.',0,0),
(24,2,'tpdt-spring','3PDT toggle, spring return','Nine terminals, the commons in the middle row; the handle springs back from both sides.',1,1),
(25,2,'4pdt-centre-off','4PDT toggle, centre off','Twelve terminals, the commons in the middle row.',0,1),
(26,2,'4pdt-straight-across','4PDT toggle, no centre','Twelve terminals, the commons in the middle row; the handle rests on one side or the other.',0,0),
(27,2,'cam-8','Cam switch, 8 terminals','Four pairs side by side: two close one way, two the other way.',0,1),
(28,2,'cam-10','Cam switch, 10 terminals','Five pairs side by side: two close one way, two the other way, one both ways.',0,1),
(29,2,'cam-12','Cam switch, 12 terminals','Six pairs side by side: two close one way, two the other way, two both ways.',0,1),
(30,2,'two-tier','Two-tier switch','Upper deck on and off, lower deck crosses a pair over. Links join the decks; they come out unless the plan uses them.',0,1);
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
) ENGINE=InnoDB DEFAULT CHARSET=utf8mb4 COLLATE=utf8mb4_unicode_520_ci;
/*!40101 SET character_set_client = @saved_cs_client */;

--
-- Dumping data for table `switch_link`
--

LOCK TABLES `switch_link` WRITE;
/*!40000 ALTER TABLE `switch_link` DISABLE KEYS */;
INSERT INTO `switch_link` VALUES
(15,119,122),
(15,121,123),
(30,244,247),
(30,246,248);
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
  `version` int(11) NOT NULL DEFAULT 0,
  PRIMARY KEY (`id`),
  KEY `job_id` (`job_id`),
  CONSTRAINT `switch_map_ibfk_1` FOREIGN KEY (`job_id`) REFERENCES `job` (`id`) ON DELETE CASCADE
) ENGINE=InnoDB AUTO_INCREMENT=2 DEFAULT CHARSET=utf8mb4 COLLATE=utf8mb4_unicode_520_ci;
/*!40101 SET character_set_client = @saved_cs_client */;

--
-- Dumping data for table `switch_map`
--

LOCK TABLES `switch_map` WRITE;
/*!40000 ALTER TABLE `switch_map` DISABLE KEYS */;
INSERT INTO `switch_map` VALUES
(1,4,'Cam switch, drill','1 2 3 4 5 6 / 7 8 9 10 11 12',1,0,1,'',1);
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
) ENGINE=InnoDB AUTO_INCREMENT=251 DEFAULT CHARSET=utf8mb4 COLLATE=utf8mb4_unicode_520_ci;
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
(126,16,'1',0,0,0),
(127,16,'2',0,1,0),
(128,16,'3',1,0,0),
(129,16,'4',1,1,0),
(130,16,'5',2,0,0),
(131,16,'6',2,1,0),
(132,17,'1',0,0,0),
(133,17,'2',0,1,0),
(134,17,'3',1,0,0),
(135,17,'4',1,1,0),
(136,17,'5',2,0,0),
(137,17,'6',2,1,0),
(138,18,'1',0,0,0),
(139,18,'2',0,1,0),
(140,18,'3',1,0,0),
(141,18,'4',1,1,0),
(142,18,'5',2,0,0),
(143,18,'6',2,1,0),
(144,19,'1',0,0,0),
(145,19,'2',0,1,0),
(146,19,'3',1,0,0),
(147,19,'4',1,1,0),
(148,19,'5',2,0,0),
(149,19,'6',2,1,0),
(150,20,'1',0,0,0),
(151,20,'2',0,1,0),
(152,20,'3',1,0,0),
(153,20,'4',1,1,0),
(154,20,'5',2,0,0),
(155,20,'6',2,1,0),
(156,21,'1',0,0,0),
(157,21,'2',0,1,0),
(158,21,'3',1,0,0),
(159,21,'4',1,1,0),
(160,21,'5',2,0,0),
(161,21,'6',2,1,0),
(162,22,'1',0,0,0),
(163,22,'2',0,1,0),
(164,22,'3',0,2,0),
(165,22,'4',1,0,0),
(166,22,'5',1,1,0),
(167,22,'6',1,2,0),
(168,22,'7',2,0,0),
(169,22,'8',2,1,0),
(170,22,'9',2,2,0),
(171,23,'1',0,0,0),
(172,23,'2',0,1,0),
(173,23,'3',0,2,0),
(174,23,'4',1,0,0),
(175,23,'5',1,1,0),
(176,23,'6',1,2,0),
(177,23,'7',2,0,0),
(178,23,'8',2,1,0),
(179,23,'9',2,2,0),
(180,24,'1',0,0,0),
(181,24,'2',0,1,0),
(182,24,'3',0,2,0),
(183,24,'4',1,0,0),
(184,24,'5',1,1,0),
(185,24,'6',1,2,0),
(186,24,'7',2,0,0),
(187,24,'8',2,1,0),
(188,24,'9',2,2,0),
(189,25,'1',0,0,0),
(190,25,'2',0,1,0),
(191,25,'3',0,2,0),
(192,25,'4',0,3,0),
(193,25,'5',1,0,0),
(194,25,'6',1,1,0),
(195,25,'7',1,2,0),
(196,25,'8',1,3,0),
(197,25,'9',2,0,0),
(198,25,'10',2,1,0),
(199,25,'11',2,2,0),
(200,25,'12',2,3,0),
(201,26,'1',0,0,0),
(202,26,'2',0,1,0),
(203,26,'3',0,2,0),
(204,26,'4',0,3,0),
(205,26,'5',1,0,0),
(206,26,'6',1,1,0),
(207,26,'7',1,2,0),
(208,26,'8',1,3,0),
(209,26,'9',2,0,0),
(210,26,'10',2,1,0),
(211,26,'11',2,2,0),
(212,26,'12',2,3,0),
(213,27,'1',0,0,0),
(214,27,'2',0,1,0),
(215,27,'3',1,0,0),
(216,27,'4',1,1,0),
(217,27,'5',2,0,0),
(218,27,'6',2,1,0),
(219,27,'7',3,0,0),
(220,27,'8',3,1,0),
(221,28,'1',0,0,0),
(222,28,'2',0,1,0),
(223,28,'3',1,0,0),
(224,28,'4',1,1,0),
(225,28,'5',2,0,0),
(226,28,'6',2,1,0),
(227,28,'7',3,0,0),
(228,28,'8',3,1,0),
(229,28,'9',4,0,0),
(230,28,'10',4,1,0),
(231,29,'1',0,0,0),
(232,29,'2',0,1,0),
(233,29,'3',1,0,0),
(234,29,'4',1,1,0),
(235,29,'5',2,0,0),
(236,29,'6',2,1,0),
(237,29,'7',3,0,0),
(238,29,'8',3,1,0),
(239,29,'9',4,0,0),
(240,29,'10',4,1,0),
(241,29,'11',5,0,0),
(242,29,'12',5,1,0),
(243,30,'1',0,0,0),
(244,30,'2',0,1,0),
(245,30,'3',1,0,0),
(246,30,'4',1,1,0),
(247,30,'5',2,0,0),
(248,30,'6',2,1,0),
(249,30,'7',3,0,0),
(250,30,'8',3,1,0);
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
  PRIMARY KEY (`motor_id`),
  CONSTRAINT `winding_record_ibfk_1` FOREIGN KEY (`motor_id`) REFERENCES `motor` (`id`) ON DELETE CASCADE
) ENGINE=InnoDB DEFAULT CHARSET=utf8mb4 COLLATE=utf8mb4_unicode_520_ci;
/*!40101 SET character_set_client = @saved_cs_client */;

--
-- Dumping data for table `winding_record`
--

LOCK TABLES `winding_record` WRITE;
/*!40000 ALTER TABLE `winding_record` DISABLE KEYS */;
INSERT INTO `winding_record` VALUES
(2,1,NULL,NULL),
(4,1,NULL,NULL),
(6,1,NULL,NULL),
(8,1,NULL,NULL);
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

-- Dump completed on 2026-11-27  2:23:01
