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
(1,1,0.4,'a bleeding resistor','2026-11-27 02:20:43.172',1);
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
) ENGINE=InnoDB AUTO_INCREMENT=3 DEFAULT CHARSET=utf8mb4 COLLATE=utf8mb4_unicode_520_ci;
/*!40101 SET character_set_client = @saved_cs_client */;

--
-- Dumping data for table `connection`
--

LOCK TABLES `connection` WRITE;
/*!40000 ALTER TABLE `connection` DISABLE KEYS */;
INSERT INTO `connection` VALUES
(1,1,230,'COUNTER_CLOCKWISE','OPPOSITE_END',5,6,0),
(2,8,230,'CLOCKWISE','SHAFT_END',11,12,0);
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
(2,8,7,1),
(2,8,8,3),
(2,8,9,3),
(2,8,10,2),
(2,8,11,3),
(2,8,12,2);
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
(1,0,'BELT',63,200,0);
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
(1,'1','lane','SQL','V1__lane.sql',2002307265,'gatepin_owner','2026-11-27 02:20:41',50,1),
(2,'2','engine','SQL','V2__engine.sql',-1741364834,'gatepin_owner','2026-11-27 02:20:41',8,1),
(3,'3','plate and supply','SQL','V3__plate_and_supply.sql',-1115742331,'gatepin_owner','2026-11-27 02:20:41',15,1),
(4,'4','rebuilt columns','SQL','V4__rebuilt_columns.sql',-1260950997,'gatepin_owner','2026-11-27 02:20:41',5,1),
(5,'5','stud boards','SQL','V5__stud_boards.sql',-542685300,'gatepin_owner','2026-11-27 02:20:41',20,1),
(6,'6','shop outlets','SQL','V6__shop_outlets.sql',820151270,'gatepin_owner','2026-11-27 02:20:41',2,1),
(7,'7','shared leads','SQL','V7__shared_leads.sql',641982386,'gatepin_owner','2026-11-27 02:20:41',6,1),
(8,'8','safe found windings','SQL','V8__safe_found_windings.sql',1462717481,'gatepin_owner','2026-11-27 02:20:41',28,1),
(9,'9','rotation','SQL','V9__rotation.sql',1306956049,'gatepin_owner','2026-11-27 02:20:41',22,1),
(10,'10','switch rating','SQL','V10__switch_rating.sql',1136280382,'gatepin_owner','2026-11-27 02:20:41',10,1);
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
(1,1,'T1','blue',0,'motor.T1','switch.5',''),
(1,2,'','black',0,'switch.6','supply.L1',''),
(1,3,'T5','black',0,'motor.T5','switch.1',''),
(1,4,'T8','red',0,'motor.T8','switch.4',''),
(1,5,'T2','white',0,'motor.T2','splice.nut a',''),
(1,6,'T3','orange',0,'motor.T3','splice.nut a',''),
(1,7,'','white',0,'splice.nut a','switch.3',''),
(1,8,'T4','yellow',0,'motor.T4','switch.2',''),
(1,9,'','red',0,'switch.2','supply.L2',''),
(1,10,'','green',0,'motor.G','supply.G',''),
(1,11,'','grey',0,'splice.lamp','switch.2','work lamp over the hopper');
/*!40000 ALTER TABLE `found_wire` ENABLE KEYS */;
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
(2,1,2,NULL,'HOT_AND_NEUTRAL',NULL,NULL,0,''),
(3,1,3,NULL,'HOT_AND_NEUTRAL',NULL,NULL,0,''),
(4,1,4,NULL,'HOT_AND_NEUTRAL',NULL,NULL,0,''),
(5,1,5,NULL,'HOT_AND_NEUTRAL',NULL,NULL,0,''),
(6,1,6,NULL,'HOT_AND_NEUTRAL',NULL,NULL,0,''),
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
  `metres` decimal(6,1) NOT NULL CHECK (`metres` between 0 and 2000),
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
(1,18.3,'NEMA 6-15');
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
(7,8,'RUN',1,1),
(8,8,'RUN',1,0),
(9,8,'RUN',2,1),
(10,8,'RUN',2,0),
(11,8,'START',1,1),
(12,8,'START',1,0);
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
) ENGINE=InnoDB AUTO_INCREMENT=13 DEFAULT CHARSET=utf8mb4 COLLATE=utf8mb4_unicode_520_ci;
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
(7,8,'U1',''),
(8,8,'U2',''),
(9,8,'V1',''),
(10,8,'V2',''),
(11,8,'Z1',''),
(12,8,'Z2','');
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
) ENGINE=InnoDB AUTO_INCREMENT=80 DEFAULT CHARSET=utf8mb4 COLLATE=utf8mb4_unicode_520_ci;
/*!40101 SET character_set_client = @saved_cs_client */;

--
-- Dumping data for table `log_entry`
--

LOCK TABLES `log_entry` WRITE;
/*!40000 ALTER TABLE `log_entry` DISABLE KEYS */;
INSERT INTO `log_entry` VALUES
(1,1,1,1,'2026-11-27 02:20:43.139','OPENED','Job opened for the Apple scratter.'),
(2,1,1,1,'2026-11-27 02:20:43.166','SAVED','Capacitor written down: start capacitor, 300 µF, 165 V.'),
(3,1,1,1,'2026-11-27 02:20:43.173','SAVED','start capacitor measured: 0.4 V, discharged through a bleeding resistor.'),
(4,1,1,1,'2026-11-27 02:20:43.185','SAVED','Lock-out saved: unplugged, the plug in sight or in a locked cover, Plug in my pocket; meter tried before: yes, dead: yes, meter tried after: yes.'),
(5,1,1,1,'2026-11-27 02:20:43.219','PULLED','Safe: pin pulled.'),
(6,1,1,1,'2026-11-27 02:20:43.255','SAVED','As found: 11 wires written down.'),
(7,1,1,1,'2026-11-27 02:20:43.276','PULLED','As found: pin pulled.'),
(8,1,1,1,'2026-11-27 02:20:43.324','SAVED','Plate saved: 3/4 hp, 115/230 V, 60 Hz, 1725 rpm.'),
(9,1,1,1,'2026-11-27 02:20:43.372','PULLED','Plate: pin pulled.'),
(10,1,1,1,'2026-11-27 02:20:43.469','SAVED','Diagram saved for 230 V (two hots): L1 with T1, L2 with T4 T8.'),
(11,1,1,1,'2026-11-27 02:20:43.762','PULLED','Diagram: pin pulled.'),
(12,1,1,1,'2026-11-27 02:20:43.785','SAVED','Leads to measure: T1, T2, T3, T4, T5, T8.'),
(13,1,1,1,'2026-11-27 02:20:43.800','SAVED','Ohmmeter: T1 to T2 2.20 Ω.'),
(14,1,1,1,'2026-11-27 02:20:43.829','SAVED','Ohmmeter: T3 to T4 2.30 Ω.'),
(15,1,1,1,'2026-11-27 02:20:43.854','SAVED','Ohmmeter: T5 to T8 3.40 Ω.'),
(16,1,1,1,'2026-11-27 02:20:43.892','SAVED','Ohmmeter: T1 to T3 OL.'),
(17,1,1,1,'2026-11-27 02:20:43.920','SAVED','Ohmmeter: T1 to T5 OL.'),
(18,1,1,1,'2026-11-27 02:20:43.942','SAVED','Ohmmeter: T3 to T5 OL.'),
(19,1,1,1,'2026-11-27 02:20:43.955','SAVED','Ohmmeter: T1 to frame OL.'),
(20,1,1,1,'2026-11-27 02:20:43.971','SAVED','Ohmmeter: T3 to frame OL.'),
(21,1,1,1,'2026-11-27 02:20:43.986','SAVED','Ohmmeter: T5 to frame OL.'),
(22,1,1,1,'2026-11-27 02:20:44.014','PULLED','Windings: pin pulled.'),
(23,1,1,1,'2026-11-27 02:20:44.044','SAVED','Supply saved: 230 V (two hots), 18.3 m from the panel, present plug: NEMA 6-15.'),
(24,1,1,1,'2026-11-27 02:20:44.058','PULLED','Supply: pin pulled.'),
(25,1,1,1,'2026-11-27 02:20:44.072','SAVED','Rotation saved: the shaft turns clockwise, facing the shaft end, for the tool to work; both ways.'),
(26,1,1,1,'2026-11-27 02:20:44.084','PULLED','Rotation: pin pulled.'),
(27,1,1,1,'2026-11-27 02:20:44.115','SAVED','Switch chosen: Cross-corner drum.'),
(28,1,2,1,'2026-11-27 02:20:44.119','OPENED','Job opened for the Honey extractor.'),
(29,1,2,1,'2026-11-27 02:20:44.123','SAVED','Lock-out saved: a loose motor, not connected to anything; meter tried before: no, dead: no, meter tried after: no.'),
(30,1,2,1,'2026-11-27 02:20:44.127','PULLED','Safe: pin pulled.'),
(31,1,2,1,'2026-11-27 02:20:44.132','SAVED','As found: nothing is connected.'),
(32,1,2,1,'2026-11-27 02:20:44.143','PULLED','As found: pin pulled.'),
(33,1,2,1,'2026-11-27 02:20:44.158','SAVED','Plate saved: 1/8 hp, 115 V, 60 Hz, 1650 rpm.'),
(34,1,2,1,'2026-11-27 02:20:44.166','PULLED','Plate: pin pulled.'),
(35,1,3,1,'2026-11-27 02:20:44.172','OPENED','Job opened for the Seed auger.'),
(36,1,3,1,'2026-11-27 02:20:44.180','SAVED','Lock-out saved: a loose motor, not connected to anything; meter tried before: no, dead: no, meter tried after: no.'),
(37,1,3,1,'2026-11-27 02:20:44.184','PULLED','Safe: pin pulled.'),
(38,1,3,1,'2026-11-27 02:20:44.188','SAVED','As found: nothing is connected.'),
(39,1,3,1,'2026-11-27 02:20:44.192','PULLED','As found: pin pulled.'),
(40,1,3,1,'2026-11-27 02:20:44.197','SAVED','Plate saved: 2 hp, 115/230 V, 60 Hz, 1740 rpm.'),
(41,1,3,1,'2026-11-27 02:20:44.202','PULLED','Plate: pin pulled.'),
(42,1,4,1,'2026-11-27 02:20:44.204','OPENED','Job opened for the Tapping drill.'),
(43,1,4,1,'2026-11-27 02:20:44.207','SAVED','Lock-out saved: a loose motor, not connected to anything; meter tried before: no, dead: no, meter tried after: no.'),
(44,1,4,1,'2026-11-27 02:20:44.215','PULLED','Safe: pin pulled.'),
(45,1,4,1,'2026-11-27 02:20:44.224','SAVED','As found: nothing is connected.'),
(46,1,4,1,'2026-11-27 02:20:44.228','PULLED','As found: pin pulled.'),
(47,1,4,1,'2026-11-27 02:20:44.235','SAVED','Plate saved: 1/2 hp, 115 V, 60 Hz, 1725 rpm.'),
(48,1,4,1,'2026-11-27 02:20:44.245','PULLED','Plate: pin pulled.'),
(49,1,5,1,'2026-11-27 02:20:44.248','OPENED','Job opened for the Sorting-belt blower.'),
(50,1,5,1,'2026-11-27 02:20:44.255','SAVED','Lock-out saved: a loose motor, not connected to anything; meter tried before: no, dead: no, meter tried after: no.'),
(51,1,5,1,'2026-11-27 02:20:44.261','PULLED','Safe: pin pulled.'),
(52,1,5,1,'2026-11-27 02:20:44.266','SAVED','As found: nothing is connected.'),
(53,1,5,1,'2026-11-27 02:20:44.273','PULLED','As found: pin pulled.'),
(54,1,5,1,'2026-11-27 02:20:44.282','SAVED','Leads to measure: 1, 2, 3, 4, 5.'),
(55,1,6,1,'2026-11-27 02:20:44.290','OPENED','Job opened for the Hay-loft winch.'),
(56,1,6,1,'2026-11-27 02:20:44.296','SAVED','Lock-out saved: a loose motor, not connected to anything; meter tried before: no, dead: no, meter tried after: no.'),
(57,1,6,1,'2026-11-27 02:20:44.303','PULLED','Safe: pin pulled.'),
(58,1,6,1,'2026-11-27 02:20:44.309','SAVED','As found: nothing is connected.'),
(59,1,6,1,'2026-11-27 02:20:44.314','PULLED','As found: pin pulled.'),
(60,1,6,1,'2026-11-27 02:20:44.323','SAVED','Plate saved: 1 hp, 115/230 V, 60 Hz, 1725 rpm.'),
(61,1,6,1,'2026-11-27 02:20:44.331','PULLED','Plate: pin pulled.'),
(62,1,7,1,'2026-11-27 02:20:44.336','OPENED','Job opened for the Tool grinder.'),
(63,1,7,1,'2026-11-27 02:20:44.342','SAVED','Lock-out saved: a loose motor, not connected to anything; meter tried before: no, dead: no, meter tried after: no.'),
(64,1,7,1,'2026-11-27 02:20:44.348','PULLED','Safe: pin pulled.'),
(65,1,7,1,'2026-11-27 02:20:44.352','SAVED','As found: nothing is connected.'),
(66,1,7,1,'2026-11-27 02:20:44.359','PULLED','As found: pin pulled.'),
(67,1,7,1,'2026-11-27 02:20:44.384','SAVED','Plate saved: 1 hp, 230/460 V, 60 Hz, 1725 rpm.'),
(68,2,8,2,'2026-11-27 02:20:44.416','OPENED','Job opened for the Potter\'s wheel.'),
(69,2,8,2,'2026-11-27 02:20:44.421','SAVED','Lock-out saved: a loose motor, not connected to anything; meter tried before: no, dead: no, meter tried after: no.'),
(70,2,8,2,'2026-11-27 02:20:44.425','PULLED','Safe: pin pulled.'),
(71,2,8,2,'2026-11-27 02:20:44.430','SAVED','As found: nothing is connected.'),
(72,2,8,2,'2026-11-27 02:20:44.435','PULLED','As found: pin pulled.'),
(73,2,8,2,'2026-11-27 02:20:44.442','SAVED','Plate saved: 0.37 kW, 115/230 V, 50 Hz, 1420 rpm.'),
(74,2,8,2,'2026-11-27 02:20:44.447','PULLED','Plate: pin pulled.'),
(75,2,8,2,'2026-11-27 02:20:44.462','SAVED','Diagram saved for 230 V: L1 with U1, L2 with V2 Z2.'),
(76,2,8,2,'2026-11-27 02:20:44.505','PULLED','Diagram: pin pulled.'),
(77,2,8,2,'2026-11-27 02:20:44.550','SAVED','Stud board saved: found linked for 115 V (U1–V1, U2–V2).'),
(78,2,8,2,'2026-11-27 02:20:44.567','SAVED','The marks on the leads are relied on as the maker\'s own.'),
(79,2,8,2,'2026-11-27 02:20:44.583','PULLED','Windings: pin pulled.');
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
(2,1,2,'1/8','hp',60,1650,1,'PERMANENT_SPLIT_CAPACITOR',NULL,NULL,10.00,''),
(3,1,3,'2','hp',60,1740,1,'CAPACITOR_START_CAPACITOR_RUN',NULL,560.00,40.00,''),
(4,1,4,'1/2','hp',60,1725,1,'SPLIT_PHASE',NULL,NULL,NULL,''),
(5,1,5,'','hp',0,0,0,NULL,NULL,NULL,NULL,''),
(6,1,6,'1','hp',60,1725,1,'CAPACITOR_START',NULL,NULL,NULL,''),
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
(1,1,'T1','T2',2.2,0.2,20.0,'AT_REST',0,'2026-11-27 02:20:43.798',1),
(2,1,'T3','T4',2.3,0.2,20.0,'AT_REST',0,'2026-11-27 02:20:43.826',1),
(3,1,'T5','T8',3.4,0.2,20.0,'AT_REST',0,'2026-11-27 02:20:43.852',1),
(4,1,'T1','T3',NULL,0.2,20.0,'AT_REST',0,'2026-11-27 02:20:43.887',1),
(5,1,'T1','T5',NULL,0.2,20.0,'AT_REST',0,'2026-11-27 02:20:43.916',1),
(6,1,'T3','T5',NULL,0.2,20.0,'AT_REST',0,'2026-11-27 02:20:43.937',1),
(7,1,'T1','frame',NULL,0.2,20.0,'AT_REST',0,'2026-11-27 02:20:43.954',1),
(8,1,'T3','frame',NULL,0.2,20.0,'AT_REST',0,'2026-11-27 02:20:43.970',1),
(9,1,'T5','frame',NULL,0.2,20.0,'AT_REST',0,'2026-11-27 02:20:43.985',1);
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
(3,'SAFE','PULLED',''),
(3,'FOUND','PULLED',''),
(3,'PLATE','PULLED',''),
(4,'SAFE','PULLED',''),
(4,'FOUND','PULLED',''),
(4,'PLATE','PULLED',''),
(5,'SAFE','PULLED',''),
(5,'FOUND','PULLED',''),
(6,'SAFE','PULLED',''),
(6,'FOUND','PULLED',''),
(6,'PLATE','PULLED',''),
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
(1,'SEEN','CLOCKWISE',1,1,0,4.0,0,1);
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
(4,'FORWARD',19,22),
(4,'FORWARD',20,23),
(4,'FORWARD',21,24),
(4,'REVERSE',22,25),
(4,'REVERSE',23,26),
(4,'REVERSE',24,27),
(5,'FORWARD',28,30),
(5,'FORWARD',29,31),
(5,'FORWARD',32,33),
(5,'REVERSE',28,29),
(5,'REVERSE',30,31),
(5,'REVERSE',32,33),
(6,'FORWARD',34,36),
(6,'FORWARD',35,37),
(6,'FORWARD',38,39),
(6,'REVERSE',34,35),
(6,'REVERSE',36,37),
(6,'REVERSE',38,39),
(7,'FORWARD',40,41),
(7,'FORWARD',40,42),
(7,'FORWARD',43,44),
(7,'FORWARD',44,45),
(7,'REVERSE',40,41),
(7,'REVERSE',40,43),
(7,'REVERSE',42,44),
(7,'REVERSE',44,45),
(8,'FORWARD',46,48),
(8,'FORWARD',47,49),
(8,'REVERSE',48,50),
(8,'REVERSE',49,51),
(9,'FORWARD',52,55),
(9,'FORWARD',53,56),
(9,'FORWARD',54,57),
(9,'REVERSE',55,58),
(9,'REVERSE',56,59),
(9,'REVERSE',57,60),
(10,'FORWARD',61,63),
(10,'FORWARD',62,64),
(10,'FORWARD',65,66),
(10,'REVERSE',61,62),
(10,'REVERSE',63,64),
(10,'REVERSE',65,66);
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
  PRIMARY KEY (`id`),
  UNIQUE KEY `shop_id` (`shop_id`,`kind`),
  UNIQUE KEY `id` (`id`,`shop_id`),
  CONSTRAINT `switch_device_ibfk_1` FOREIGN KEY (`shop_id`) REFERENCES `shop` (`id`)
) ENGINE=InnoDB AUTO_INCREMENT=11 DEFAULT CHARSET=utf8mb4 COLLATE=utf8mb4_unicode_520_ci;
/*!40101 SET character_set_client = @saved_cs_client */;

--
-- Dumping data for table `switch_device`
--

LOCK TABLES `switch_device` WRITE;
/*!40000 ALTER TABLE `switch_device` DISABLE KEYS */;
INSERT INTO `switch_device` VALUES
(1,1,'cross-corner-drum','Cross-corner drum','Six terminals in three rows. The upper four cross over, the lower pair is on both ways.',0),
(2,1,'centre-swap-drum','Centre-swap drum','Six terminals in two columns. Top pair and bottom pair each take one centre, the other way the other.',0),
(3,1,'dpdt-centre-off','DPDT toggle, centre off','Six terminals, the commons in the middle row.',0),
(4,1,'tpdt-centre-off','3PDT toggle, centre off','Nine terminals, the commons in the middle row.',0),
(5,1,'cross-corner-drum-spring','Cross-corner drum, spring return','As the cross-corner drum, but the handle springs back to the middle.',1),
(6,2,'cross-corner-drum','Cross-corner drum','Six terminals in three rows. The upper four cross over, the lower pair is on both ways.',0),
(7,2,'centre-swap-drum','Centre-swap drum','Six terminals in two columns. Top pair and bottom pair each take one centre, the other way the other.',0),
(8,2,'dpdt-centre-off','DPDT toggle, centre off','Six terminals, the commons in the middle row.',0),
(9,2,'tpdt-centre-off','3PDT toggle, centre off','Nine terminals, the commons in the middle row.',0),
(10,2,'cross-corner-drum-spring','Cross-corner drum, spring return','As the cross-corner drum, but the handle springs back to the middle.',1);
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
) ENGINE=InnoDB AUTO_INCREMENT=67 DEFAULT CHARSET=utf8mb4 COLLATE=utf8mb4_unicode_520_ci;
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
(21,4,'3',0,2),
(22,4,'4',1,0),
(23,4,'5',1,1),
(24,4,'6',1,2),
(25,4,'7',2,0),
(26,4,'8',2,1),
(27,4,'9',2,2),
(28,5,'1',0,0),
(29,5,'2',0,1),
(30,5,'3',1,0),
(31,5,'4',1,1),
(32,5,'5',2,0),
(33,5,'6',2,1),
(34,6,'1',0,0),
(35,6,'2',0,1),
(36,6,'3',1,0),
(37,6,'4',1,1),
(38,6,'5',2,0),
(39,6,'6',2,1),
(40,7,'1',0,0),
(41,7,'2',0,1),
(42,7,'3',1,0),
(43,7,'4',1,1),
(44,7,'5',2,0),
(45,7,'6',2,1),
(46,8,'1',0,0),
(47,8,'2',0,1),
(48,8,'3',1,0),
(49,8,'4',1,1),
(50,8,'5',2,0),
(51,8,'6',2,1),
(52,9,'1',0,0),
(53,9,'2',0,1),
(54,9,'3',0,2),
(55,9,'4',1,0),
(56,9,'5',1,1),
(57,9,'6',1,2),
(58,9,'7',2,0),
(59,9,'8',2,1),
(60,9,'9',2,2),
(61,10,'1',0,0),
(62,10,'2',0,1),
(63,10,'3',1,0),
(64,10,'4',1,1),
(65,10,'5',2,0),
(66,10,'6',2,1);
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

-- Dump completed on 2026-11-27  2:20:46
