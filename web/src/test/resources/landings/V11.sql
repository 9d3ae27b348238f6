/*M!999999\- enable the sandbox mode */ 

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

LOCK TABLES `board_layout` WRITE;
/*!40000 ALTER TABLE `board_layout` DISABLE KEYS */;
INSERT INTO `board_layout` (`id`, `motor_id`, `kind`, `volts`) VALUES (1,8,'FOUND',115);
INSERT INTO `board_layout` (`id`, `motor_id`, `kind`, `volts`) VALUES (2,8,'DIAGRAM',115);
INSERT INTO `board_layout` (`id`, `motor_id`, `kind`, `volts`) VALUES (3,8,'DIAGRAM',230);
/*!40000 ALTER TABLE `board_layout` ENABLE KEYS */;
UNLOCK TABLES;
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

LOCK TABLES `board_lead` WRITE;
/*!40000 ALTER TABLE `board_lead` DISABLE KEYS */;
INSERT INTO `board_lead` (`layout_id`, `motor_id`, `lead`, `stud`) VALUES (1,8,'L1','U1');
INSERT INTO `board_lead` (`layout_id`, `motor_id`, `lead`, `stud`) VALUES (1,8,'Z1','U1');
INSERT INTO `board_lead` (`layout_id`, `motor_id`, `lead`, `stud`) VALUES (2,8,'L1','U1');
INSERT INTO `board_lead` (`layout_id`, `motor_id`, `lead`, `stud`) VALUES (3,8,'L1','U1');
INSERT INTO `board_lead` (`layout_id`, `motor_id`, `lead`, `stud`) VALUES (1,8,'L2','U2');
INSERT INTO `board_lead` (`layout_id`, `motor_id`, `lead`, `stud`) VALUES (2,8,'Z1','V1');
INSERT INTO `board_lead` (`layout_id`, `motor_id`, `lead`, `stud`) VALUES (3,8,'Z1','V1');
INSERT INTO `board_lead` (`layout_id`, `motor_id`, `lead`, `stud`) VALUES (1,8,'Z2','V2');
INSERT INTO `board_lead` (`layout_id`, `motor_id`, `lead`, `stud`) VALUES (2,8,'L2','V2');
INSERT INTO `board_lead` (`layout_id`, `motor_id`, `lead`, `stud`) VALUES (2,8,'Z2','V2');
INSERT INTO `board_lead` (`layout_id`, `motor_id`, `lead`, `stud`) VALUES (3,8,'L2','V2');
INSERT INTO `board_lead` (`layout_id`, `motor_id`, `lead`, `stud`) VALUES (3,8,'Z2','V2');
/*!40000 ALTER TABLE `board_lead` ENABLE KEYS */;
UNLOCK TABLES;
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

LOCK TABLES `board_link` WRITE;
/*!40000 ALTER TABLE `board_link` DISABLE KEYS */;
INSERT INTO `board_link` (`layout_id`, `motor_id`, `stud_a`, `stud_b`) VALUES (1,8,'U1','V1');
INSERT INTO `board_link` (`layout_id`, `motor_id`, `stud_a`, `stud_b`) VALUES (1,8,'U2','V2');
INSERT INTO `board_link` (`layout_id`, `motor_id`, `stud_a`, `stud_b`) VALUES (2,8,'U1','V1');
INSERT INTO `board_link` (`layout_id`, `motor_id`, `stud_a`, `stud_b`) VALUES (2,8,'U2','V2');
INSERT INTO `board_link` (`layout_id`, `motor_id`, `stud_a`, `stud_b`) VALUES (3,8,'U2','V1');
/*!40000 ALTER TABLE `board_link` ENABLE KEYS */;
UNLOCK TABLES;
DROP TABLE IF EXISTS `cable_lengths`;
/*!40101 SET @saved_cs_client     = @@character_set_client */;
/*!40101 SET character_set_client = utf8mb4 */;
CREATE TABLE `cable_lengths` (
  `job_id` bigint(20) NOT NULL,
  `motor_cable` decimal(5,1) NOT NULL CHECK (`motor_cable` between 0.1 and 100),
  `supply_cord` decimal(5,1) NOT NULL CHECK (`supply_cord` between 0.1 and 100),
  PRIMARY KEY (`job_id`),
  CONSTRAINT `cable_lengths_ibfk_1` FOREIGN KEY (`job_id`) REFERENCES `job` (`id`) ON DELETE CASCADE
) ENGINE=InnoDB DEFAULT CHARSET=utf8mb4 COLLATE=utf8mb4_unicode_520_ci;
/*!40101 SET character_set_client = @saved_cs_client */;

LOCK TABLES `cable_lengths` WRITE;
/*!40000 ALTER TABLE `cable_lengths` DISABLE KEYS */;
/*!40000 ALTER TABLE `cable_lengths` ENABLE KEYS */;
UNLOCK TABLES;
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

LOCK TABLES `capacitor` WRITE;
/*!40000 ALTER TABLE `capacitor` DISABLE KEYS */;
INSERT INTO `capacitor` (`id`, `job_id`, `name`, `microfarads`, `volts`, `bleed`, `bleed_ohms`) VALUES (1,1,'start capacitor',300.00,165,'SEEN',15000.0);
/*!40000 ALTER TABLE `capacitor` ENABLE KEYS */;
UNLOCK TABLES;
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

LOCK TABLES `capacitor_reading` WRITE;
/*!40000 ALTER TABLE `capacitor_reading` DISABLE KEYS */;
INSERT INTO `capacitor_reading` (`id`, `capacitor_id`, `volts`, `how`, `at`, `person_id`) VALUES (1,1,0.4,'a bleeding resistor','2026-11-26 02:24:10.448',1);
/*!40000 ALTER TABLE `capacitor_reading` ENABLE KEYS */;
UNLOCK TABLES;
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
) ENGINE=InnoDB AUTO_INCREMENT=7 DEFAULT CHARSET=utf8mb4 COLLATE=utf8mb4_unicode_520_ci;
/*!40101 SET character_set_client = @saved_cs_client */;

LOCK TABLES `connection` WRITE;
/*!40000 ALTER TABLE `connection` DISABLE KEYS */;
INSERT INTO `connection` (`id`, `motor_id`, `volts`, `rotation`, `seen_from`, `swap_first`, `swap_second`, `rebuilt`) VALUES (1,1,230,'COUNTER_CLOCKWISE','OPPOSITE_END',5,6,0);
INSERT INTO `connection` (`id`, `motor_id`, `volts`, `rotation`, `seen_from`, `swap_first`, `swap_second`, `rebuilt`) VALUES (2,2,115,'CLOCKWISE','OPPOSITE_END',9,10,0);
INSERT INTO `connection` (`id`, `motor_id`, `volts`, `rotation`, `seen_from`, `swap_first`, `swap_second`, `rebuilt`) VALUES (3,4,115,'COUNTER_CLOCKWISE','OPPOSITE_END',13,14,0);
INSERT INTO `connection` (`id`, `motor_id`, `volts`, `rotation`, `seen_from`, `swap_first`, `swap_second`, `rebuilt`) VALUES (4,6,230,'COUNTER_CLOCKWISE','OPPOSITE_END',19,20,0);
INSERT INTO `connection` (`id`, `motor_id`, `volts`, `rotation`, `seen_from`, `swap_first`, `swap_second`, `rebuilt`) VALUES (5,8,230,'CLOCKWISE','SHAFT_END',25,26,0);
INSERT INTO `connection` (`id`, `motor_id`, `volts`, `rotation`, `seen_from`, `swap_first`, `swap_second`, `rebuilt`) VALUES (6,9,230,'CLOCKWISE','SHAFT_END',29,30,0);
/*!40000 ALTER TABLE `connection` ENABLE KEYS */;
UNLOCK TABLES;
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

LOCK TABLES `connection_lead` WRITE;
/*!40000 ALTER TABLE `connection_lead` DISABLE KEYS */;
INSERT INTO `connection_lead` (`connection_id`, `motor_id`, `lead_id`, `group_number`) VALUES (1,1,1,1);
INSERT INTO `connection_lead` (`connection_id`, `motor_id`, `lead_id`, `group_number`) VALUES (1,1,2,3);
INSERT INTO `connection_lead` (`connection_id`, `motor_id`, `lead_id`, `group_number`) VALUES (1,1,3,3);
INSERT INTO `connection_lead` (`connection_id`, `motor_id`, `lead_id`, `group_number`) VALUES (1,1,4,2);
INSERT INTO `connection_lead` (`connection_id`, `motor_id`, `lead_id`, `group_number`) VALUES (1,1,5,3);
INSERT INTO `connection_lead` (`connection_id`, `motor_id`, `lead_id`, `group_number`) VALUES (1,1,6,2);
INSERT INTO `connection_lead` (`connection_id`, `motor_id`, `lead_id`, `group_number`) VALUES (2,2,7,1);
INSERT INTO `connection_lead` (`connection_id`, `motor_id`, `lead_id`, `group_number`) VALUES (2,2,8,2);
INSERT INTO `connection_lead` (`connection_id`, `motor_id`, `lead_id`, `group_number`) VALUES (2,2,9,1);
INSERT INTO `connection_lead` (`connection_id`, `motor_id`, `lead_id`, `group_number`) VALUES (2,2,10,2);
INSERT INTO `connection_lead` (`connection_id`, `motor_id`, `lead_id`, `group_number`) VALUES (3,4,11,1);
INSERT INTO `connection_lead` (`connection_id`, `motor_id`, `lead_id`, `group_number`) VALUES (3,4,12,2);
INSERT INTO `connection_lead` (`connection_id`, `motor_id`, `lead_id`, `group_number`) VALUES (3,4,13,1);
INSERT INTO `connection_lead` (`connection_id`, `motor_id`, `lead_id`, `group_number`) VALUES (3,4,14,2);
INSERT INTO `connection_lead` (`connection_id`, `motor_id`, `lead_id`, `group_number`) VALUES (4,6,15,1);
INSERT INTO `connection_lead` (`connection_id`, `motor_id`, `lead_id`, `group_number`) VALUES (4,6,16,3);
INSERT INTO `connection_lead` (`connection_id`, `motor_id`, `lead_id`, `group_number`) VALUES (4,6,17,3);
INSERT INTO `connection_lead` (`connection_id`, `motor_id`, `lead_id`, `group_number`) VALUES (4,6,18,2);
INSERT INTO `connection_lead` (`connection_id`, `motor_id`, `lead_id`, `group_number`) VALUES (4,6,19,3);
INSERT INTO `connection_lead` (`connection_id`, `motor_id`, `lead_id`, `group_number`) VALUES (4,6,20,2);
INSERT INTO `connection_lead` (`connection_id`, `motor_id`, `lead_id`, `group_number`) VALUES (5,8,21,1);
INSERT INTO `connection_lead` (`connection_id`, `motor_id`, `lead_id`, `group_number`) VALUES (5,8,22,3);
INSERT INTO `connection_lead` (`connection_id`, `motor_id`, `lead_id`, `group_number`) VALUES (5,8,23,3);
INSERT INTO `connection_lead` (`connection_id`, `motor_id`, `lead_id`, `group_number`) VALUES (5,8,24,2);
INSERT INTO `connection_lead` (`connection_id`, `motor_id`, `lead_id`, `group_number`) VALUES (5,8,25,3);
INSERT INTO `connection_lead` (`connection_id`, `motor_id`, `lead_id`, `group_number`) VALUES (5,8,26,2);
INSERT INTO `connection_lead` (`connection_id`, `motor_id`, `lead_id`, `group_number`) VALUES (6,9,27,3);
INSERT INTO `connection_lead` (`connection_id`, `motor_id`, `lead_id`, `group_number`) VALUES (6,9,28,2);
INSERT INTO `connection_lead` (`connection_id`, `motor_id`, `lead_id`, `group_number`) VALUES (6,9,29,1);
INSERT INTO `connection_lead` (`connection_id`, `motor_id`, `lead_id`, `group_number`) VALUES (6,9,30,2);
INSERT INTO `connection_lead` (`connection_id`, `motor_id`, `lead_id`, `group_number`) VALUES (6,9,31,1);
INSERT INTO `connection_lead` (`connection_id`, `motor_id`, `lead_id`, `group_number`) VALUES (6,9,32,3);
/*!40000 ALTER TABLE `connection_lead` ENABLE KEYS */;
UNLOCK TABLES;
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

LOCK TABLES `drive_stage` WRITE;
/*!40000 ALTER TABLE `drive_stage` DISABLE KEYS */;
INSERT INTO `drive_stage` (`job_id`, `number`, `kind`, `driver`, `driven`, `turned`) VALUES (1,0,'BELT',63,200,0);
INSERT INTO `drive_stage` (`job_id`, `number`, `kind`, `driver`, `driven`, `turned`) VALUES (2,0,'GEAR_PAIR',1,2,0);
INSERT INTO `drive_stage` (`job_id`, `number`, `kind`, `driver`, `driven`, `turned`) VALUES (4,0,'BELT',1,2,0);
INSERT INTO `drive_stage` (`job_id`, `number`, `kind`, `driver`, `driven`, `turned`) VALUES (6,0,'CHAIN',1,2,0);
/*!40000 ALTER TABLE `drive_stage` ENABLE KEYS */;
UNLOCK TABLES;
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

LOCK TABLES `flyway_schema_history` WRITE;
/*!40000 ALTER TABLE `flyway_schema_history` DISABLE KEYS */;
INSERT INTO `flyway_schema_history` (`installed_rank`, `version`, `description`, `type`, `script`, `checksum`, `installed_by`, `installed_on`, `execution_time`, `success`) VALUES (1,'1','lane','SQL','V1__lane.sql',2002307265,'gatepin_owner','2026-11-26 02:24:07',46,1);
INSERT INTO `flyway_schema_history` (`installed_rank`, `version`, `description`, `type`, `script`, `checksum`, `installed_by`, `installed_on`, `execution_time`, `success`) VALUES (2,'2','engine','SQL','V2__engine.sql',-1741364834,'gatepin_owner','2026-11-26 02:24:07',7,1);
INSERT INTO `flyway_schema_history` (`installed_rank`, `version`, `description`, `type`, `script`, `checksum`, `installed_by`, `installed_on`, `execution_time`, `success`) VALUES (3,'3','plate and supply','SQL','V3__plate_and_supply.sql',-1115742331,'gatepin_owner','2026-11-26 02:24:07',30,1);
INSERT INTO `flyway_schema_history` (`installed_rank`, `version`, `description`, `type`, `script`, `checksum`, `installed_by`, `installed_on`, `execution_time`, `success`) VALUES (4,'4','rebuilt columns','SQL','V4__rebuilt_columns.sql',-1260950997,'gatepin_owner','2026-11-26 02:24:07',5,1);
INSERT INTO `flyway_schema_history` (`installed_rank`, `version`, `description`, `type`, `script`, `checksum`, `installed_by`, `installed_on`, `execution_time`, `success`) VALUES (5,'5','stud boards','SQL','V5__stud_boards.sql',-542685300,'gatepin_owner','2026-11-26 02:24:07',10,1);
INSERT INTO `flyway_schema_history` (`installed_rank`, `version`, `description`, `type`, `script`, `checksum`, `installed_by`, `installed_on`, `execution_time`, `success`) VALUES (6,'6','shop outlets','SQL','V6__shop_outlets.sql',820151270,'gatepin_owner','2026-11-26 02:24:07',2,1);
INSERT INTO `flyway_schema_history` (`installed_rank`, `version`, `description`, `type`, `script`, `checksum`, `installed_by`, `installed_on`, `execution_time`, `success`) VALUES (7,'7','shared leads','SQL','V7__shared_leads.sql',641982386,'gatepin_owner','2026-11-26 02:24:07',6,1);
INSERT INTO `flyway_schema_history` (`installed_rank`, `version`, `description`, `type`, `script`, `checksum`, `installed_by`, `installed_on`, `execution_time`, `success`) VALUES (8,'8','safe found windings','SQL','V8__safe_found_windings.sql',1462717481,'gatepin_owner','2026-11-26 02:24:07',39,1);
INSERT INTO `flyway_schema_history` (`installed_rank`, `version`, `description`, `type`, `script`, `checksum`, `installed_by`, `installed_on`, `execution_time`, `success`) VALUES (9,'9','rotation','SQL','V9__rotation.sql',1306956049,'gatepin_owner','2026-11-26 02:24:07',10,1);
INSERT INTO `flyway_schema_history` (`installed_rank`, `version`, `description`, `type`, `script`, `checksum`, `installed_by`, `installed_on`, `execution_time`, `success`) VALUES (10,'10','switch rating','SQL','V10__switch_rating.sql',1136280382,'gatepin_owner','2026-11-26 02:24:07',12,1);
INSERT INTO `flyway_schema_history` (`installed_rank`, `version`, `description`, `type`, `script`, `checksum`, `installed_by`, `installed_on`, `execution_time`, `success`) VALUES (11,'11','switch maps','SQL','V11__switch_maps.sql',-1559845436,'gatepin_owner','2026-11-26 02:24:07',24,1);
/*!40000 ALTER TABLE `flyway_schema_history` ENABLE KEYS */;
UNLOCK TABLES;
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

LOCK TABLES `found_photo` WRITE;
/*!40000 ALTER TABLE `found_photo` DISABLE KEYS */;
/*!40000 ALTER TABLE `found_photo` ENABLE KEYS */;
UNLOCK TABLES;
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

LOCK TABLES `found_record` WRITE;
/*!40000 ALTER TABLE `found_record` DISABLE KEYS */;
INSERT INTO `found_record` (`job_id`, `nothing_connected`, `version`) VALUES (1,0,1);
INSERT INTO `found_record` (`job_id`, `nothing_connected`, `version`) VALUES (2,1,1);
INSERT INTO `found_record` (`job_id`, `nothing_connected`, `version`) VALUES (3,1,1);
INSERT INTO `found_record` (`job_id`, `nothing_connected`, `version`) VALUES (4,1,1);
INSERT INTO `found_record` (`job_id`, `nothing_connected`, `version`) VALUES (5,1,1);
INSERT INTO `found_record` (`job_id`, `nothing_connected`, `version`) VALUES (6,1,1);
INSERT INTO `found_record` (`job_id`, `nothing_connected`, `version`) VALUES (7,1,1);
INSERT INTO `found_record` (`job_id`, `nothing_connected`, `version`) VALUES (8,1,1);
/*!40000 ALTER TABLE `found_record` ENABLE KEYS */;
UNLOCK TABLES;
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

LOCK TABLES `found_wire` WRITE;
/*!40000 ALTER TABLE `found_wire` DISABLE KEYS */;
INSERT INTO `found_wire` (`job_id`, `number`, `mark`, `colour`, `bands`, `one_end`, `other_end`, `aside`) VALUES (1,1,'T1','blue',0,'motor.T1','switch.5','');
INSERT INTO `found_wire` (`job_id`, `number`, `mark`, `colour`, `bands`, `one_end`, `other_end`, `aside`) VALUES (1,2,'','black',0,'switch.6','supply.L1','');
INSERT INTO `found_wire` (`job_id`, `number`, `mark`, `colour`, `bands`, `one_end`, `other_end`, `aside`) VALUES (1,3,'T5','black',0,'motor.T5','switch.1','');
INSERT INTO `found_wire` (`job_id`, `number`, `mark`, `colour`, `bands`, `one_end`, `other_end`, `aside`) VALUES (1,4,'T8','red',0,'motor.T8','switch.4','');
INSERT INTO `found_wire` (`job_id`, `number`, `mark`, `colour`, `bands`, `one_end`, `other_end`, `aside`) VALUES (1,5,'T2','white',0,'motor.T2','splice.nut a','');
INSERT INTO `found_wire` (`job_id`, `number`, `mark`, `colour`, `bands`, `one_end`, `other_end`, `aside`) VALUES (1,6,'T3','orange',0,'motor.T3','splice.nut a','');
INSERT INTO `found_wire` (`job_id`, `number`, `mark`, `colour`, `bands`, `one_end`, `other_end`, `aside`) VALUES (1,7,'','white',0,'splice.nut a','switch.3','');
INSERT INTO `found_wire` (`job_id`, `number`, `mark`, `colour`, `bands`, `one_end`, `other_end`, `aside`) VALUES (1,8,'T4','yellow',0,'motor.T4','switch.2','');
INSERT INTO `found_wire` (`job_id`, `number`, `mark`, `colour`, `bands`, `one_end`, `other_end`, `aside`) VALUES (1,9,'','red',0,'switch.2','supply.L2','');
INSERT INTO `found_wire` (`job_id`, `number`, `mark`, `colour`, `bands`, `one_end`, `other_end`, `aside`) VALUES (1,10,'','green',0,'motor.G','supply.G','');
INSERT INTO `found_wire` (`job_id`, `number`, `mark`, `colour`, `bands`, `one_end`, `other_end`, `aside`) VALUES (1,11,'','grey',0,'splice.lamp','switch.2','work lamp over the hopper');
/*!40000 ALTER TABLE `found_wire` ENABLE KEYS */;
UNLOCK TABLES;
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

LOCK TABLES `hidden_switch` WRITE;
/*!40000 ALTER TABLE `hidden_switch` DISABLE KEYS */;
INSERT INTO `hidden_switch` (`job_id`, `position`, `contacts`, `worn`) VALUES (4,'FORWARD','1-7 3-9 5-11 6-12','');
INSERT INTO `hidden_switch` (`job_id`, `position`, `contacts`, `worn`) VALUES (4,'REVERSE','2-8 4-10 5-11 6-12','');
/*!40000 ALTER TABLE `hidden_switch` ENABLE KEYS */;
UNLOCK TABLES;
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

LOCK TABLES `hidden_way` WRITE;
/*!40000 ALTER TABLE `hidden_way` DISABLE KEYS */;
INSERT INTO `hidden_way` (`id`, `motor_id`, `point_a`, `point_b`, `ohms`, `behind_start_switch`) VALUES (1,5,'1','4',2.9,0);
INSERT INTO `hidden_way` (`id`, `motor_id`, `point_a`, `point_b`, `ohms`, `behind_start_switch`) VALUES (2,5,'2','5',2.93,0);
INSERT INTO `hidden_way` (`id`, `motor_id`, `point_a`, `point_b`, `ohms`, `behind_start_switch`) VALUES (3,5,'5','3',4.6,0);
/*!40000 ALTER TABLE `hidden_way` ENABLE KEYS */;
UNLOCK TABLES;
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
) ENGINE=InnoDB AUTO_INCREMENT=10 DEFAULT CHARSET=utf8mb4 COLLATE=utf8mb4_unicode_520_ci;
/*!40101 SET character_set_client = @saved_cs_client */;

LOCK TABLES `job` WRITE;
/*!40000 ALTER TABLE `job` DISABLE KEYS */;
INSERT INTO `job` (`id`, `shop_id`, `machine_id`, `volts`, `supply_kind`, `switch_id`, `plan_id`, `version`, `switch_rating`) VALUES (1,1,1,230,'TWO_HOT',1,1,4,'1 HP 120 V, 2 HP 240 V');
INSERT INTO `job` (`id`, `shop_id`, `machine_id`, `volts`, `supply_kind`, `switch_id`, `plan_id`, `version`, `switch_rating`) VALUES (2,1,2,115,'HOT_AND_NEUTRAL',7,2,4,'1 HP 125 V');
INSERT INTO `job` (`id`, `shop_id`, `machine_id`, `volts`, `supply_kind`, `switch_id`, `plan_id`, `version`, `switch_rating`) VALUES (3,1,3,NULL,'HOT_AND_NEUTRAL',NULL,NULL,0,'');
INSERT INTO `job` (`id`, `shop_id`, `machine_id`, `volts`, `supply_kind`, `switch_id`, `plan_id`, `version`, `switch_rating`) VALUES (4,1,4,115,'HOT_AND_NEUTRAL',NULL,NULL,2,'');
INSERT INTO `job` (`id`, `shop_id`, `machine_id`, `volts`, `supply_kind`, `switch_id`, `plan_id`, `version`, `switch_rating`) VALUES (5,1,5,NULL,'HOT_AND_NEUTRAL',NULL,NULL,0,'');
INSERT INTO `job` (`id`, `shop_id`, `machine_id`, `volts`, `supply_kind`, `switch_id`, `plan_id`, `version`, `switch_rating`) VALUES (6,1,6,230,'TWO_HOT',3,3,4,'');
INSERT INTO `job` (`id`, `shop_id`, `machine_id`, `volts`, `supply_kind`, `switch_id`, `plan_id`, `version`, `switch_rating`) VALUES (7,1,7,NULL,'HOT_AND_NEUTRAL',NULL,NULL,0,'');
INSERT INTO `job` (`id`, `shop_id`, `machine_id`, `volts`, `supply_kind`, `switch_id`, `plan_id`, `version`, `switch_rating`) VALUES (8,2,8,230,'HOT_AND_NEUTRAL',NULL,NULL,1,'');
INSERT INTO `job` (`id`, `shop_id`, `machine_id`, `volts`, `supply_kind`, `switch_id`, `plan_id`, `version`, `switch_rating`) VALUES (9,2,9,230,'HOT_AND_NEUTRAL',22,4,3,'');
/*!40000 ALTER TABLE `job` ENABLE KEYS */;
UNLOCK TABLES;
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

LOCK TABLES `job_supply` WRITE;
/*!40000 ALTER TABLE `job_supply` DISABLE KEYS */;
INSERT INTO `job_supply` (`job_id`, `metres`, `present_plug`) VALUES (1,18.3,'NEMA 6-15');
INSERT INTO `job_supply` (`job_id`, `metres`, `present_plug`) VALUES (2,6.0,'NEMA 5-15');
INSERT INTO `job_supply` (`job_id`, `metres`, `present_plug`) VALUES (4,9.0,'NEMA 5-15');
INSERT INTO `job_supply` (`job_id`, `metres`, `present_plug`) VALUES (6,22.0,'fixed wiring');
/*!40000 ALTER TABLE `job_supply` ENABLE KEYS */;
UNLOCK TABLES;
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

LOCK TABLES `lead_end` WRITE;
/*!40000 ALTER TABLE `lead_end` DISABLE KEYS */;
INSERT INTO `lead_end` (`lead_id`, `motor_id`, `circuit`, `winding_number`, `like_end`) VALUES (1,1,'RUN',1,1);
INSERT INTO `lead_end` (`lead_id`, `motor_id`, `circuit`, `winding_number`, `like_end`) VALUES (2,1,'RUN',1,0);
INSERT INTO `lead_end` (`lead_id`, `motor_id`, `circuit`, `winding_number`, `like_end`) VALUES (3,1,'RUN',2,1);
INSERT INTO `lead_end` (`lead_id`, `motor_id`, `circuit`, `winding_number`, `like_end`) VALUES (4,1,'RUN',2,0);
INSERT INTO `lead_end` (`lead_id`, `motor_id`, `circuit`, `winding_number`, `like_end`) VALUES (5,1,'START',1,1);
INSERT INTO `lead_end` (`lead_id`, `motor_id`, `circuit`, `winding_number`, `like_end`) VALUES (6,1,'START',1,0);
INSERT INTO `lead_end` (`lead_id`, `motor_id`, `circuit`, `winding_number`, `like_end`) VALUES (7,2,'RUN',1,1);
INSERT INTO `lead_end` (`lead_id`, `motor_id`, `circuit`, `winding_number`, `like_end`) VALUES (8,2,'RUN',1,0);
INSERT INTO `lead_end` (`lead_id`, `motor_id`, `circuit`, `winding_number`, `like_end`) VALUES (9,2,'START',1,1);
INSERT INTO `lead_end` (`lead_id`, `motor_id`, `circuit`, `winding_number`, `like_end`) VALUES (10,2,'START',1,0);
INSERT INTO `lead_end` (`lead_id`, `motor_id`, `circuit`, `winding_number`, `like_end`) VALUES (11,4,'RUN',1,1);
INSERT INTO `lead_end` (`lead_id`, `motor_id`, `circuit`, `winding_number`, `like_end`) VALUES (12,4,'RUN',1,0);
INSERT INTO `lead_end` (`lead_id`, `motor_id`, `circuit`, `winding_number`, `like_end`) VALUES (13,4,'START',1,1);
INSERT INTO `lead_end` (`lead_id`, `motor_id`, `circuit`, `winding_number`, `like_end`) VALUES (14,4,'START',1,0);
INSERT INTO `lead_end` (`lead_id`, `motor_id`, `circuit`, `winding_number`, `like_end`) VALUES (15,6,'RUN',1,1);
INSERT INTO `lead_end` (`lead_id`, `motor_id`, `circuit`, `winding_number`, `like_end`) VALUES (16,6,'RUN',1,0);
INSERT INTO `lead_end` (`lead_id`, `motor_id`, `circuit`, `winding_number`, `like_end`) VALUES (17,6,'RUN',2,1);
INSERT INTO `lead_end` (`lead_id`, `motor_id`, `circuit`, `winding_number`, `like_end`) VALUES (18,6,'RUN',2,0);
INSERT INTO `lead_end` (`lead_id`, `motor_id`, `circuit`, `winding_number`, `like_end`) VALUES (19,6,'START',1,1);
INSERT INTO `lead_end` (`lead_id`, `motor_id`, `circuit`, `winding_number`, `like_end`) VALUES (20,6,'START',1,0);
INSERT INTO `lead_end` (`lead_id`, `motor_id`, `circuit`, `winding_number`, `like_end`) VALUES (21,8,'RUN',1,1);
INSERT INTO `lead_end` (`lead_id`, `motor_id`, `circuit`, `winding_number`, `like_end`) VALUES (22,8,'RUN',1,0);
INSERT INTO `lead_end` (`lead_id`, `motor_id`, `circuit`, `winding_number`, `like_end`) VALUES (23,8,'RUN',2,1);
INSERT INTO `lead_end` (`lead_id`, `motor_id`, `circuit`, `winding_number`, `like_end`) VALUES (24,8,'RUN',2,0);
INSERT INTO `lead_end` (`lead_id`, `motor_id`, `circuit`, `winding_number`, `like_end`) VALUES (25,8,'START',1,1);
INSERT INTO `lead_end` (`lead_id`, `motor_id`, `circuit`, `winding_number`, `like_end`) VALUES (26,8,'START',1,0);
INSERT INTO `lead_end` (`lead_id`, `motor_id`, `circuit`, `winding_number`, `like_end`) VALUES (27,9,'CAPACITOR',1,1);
INSERT INTO `lead_end` (`lead_id`, `motor_id`, `circuit`, `winding_number`, `like_end`) VALUES (28,9,'CAPACITOR',1,0);
INSERT INTO `lead_end` (`lead_id`, `motor_id`, `circuit`, `winding_number`, `like_end`) VALUES (29,9,'RUN',1,1);
INSERT INTO `lead_end` (`lead_id`, `motor_id`, `circuit`, `winding_number`, `like_end`) VALUES (30,9,'RUN',1,0);
INSERT INTO `lead_end` (`lead_id`, `motor_id`, `circuit`, `winding_number`, `like_end`) VALUES (31,9,'START',1,1);
INSERT INTO `lead_end` (`lead_id`, `motor_id`, `circuit`, `winding_number`, `like_end`) VALUES (32,9,'START',1,0);
/*!40000 ALTER TABLE `lead_end` ENABLE KEYS */;
UNLOCK TABLES;
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
) ENGINE=InnoDB AUTO_INCREMENT=33 DEFAULT CHARSET=utf8mb4 COLLATE=utf8mb4_unicode_520_ci;
/*!40101 SET character_set_client = @saved_cs_client */;

LOCK TABLES `lead_wire` WRITE;
/*!40000 ALTER TABLE `lead_wire` DISABLE KEYS */;
INSERT INTO `lead_wire` (`id`, `motor_id`, `mark`, `colour`) VALUES (1,1,'T1','blue');
INSERT INTO `lead_wire` (`id`, `motor_id`, `mark`, `colour`) VALUES (2,1,'T2','white');
INSERT INTO `lead_wire` (`id`, `motor_id`, `mark`, `colour`) VALUES (3,1,'T3','orange');
INSERT INTO `lead_wire` (`id`, `motor_id`, `mark`, `colour`) VALUES (4,1,'T4','yellow');
INSERT INTO `lead_wire` (`id`, `motor_id`, `mark`, `colour`) VALUES (5,1,'T5','black');
INSERT INTO `lead_wire` (`id`, `motor_id`, `mark`, `colour`) VALUES (6,1,'T8','red');
INSERT INTO `lead_wire` (`id`, `motor_id`, `mark`, `colour`) VALUES (7,2,'black','black');
INSERT INTO `lead_wire` (`id`, `motor_id`, `mark`, `colour`) VALUES (8,2,'black/yellow','black with yellow');
INSERT INTO `lead_wire` (`id`, `motor_id`, `mark`, `colour`) VALUES (9,2,'blue','blue');
INSERT INTO `lead_wire` (`id`, `motor_id`, `mark`, `colour`) VALUES (10,2,'blue/yellow','blue with yellow');
INSERT INTO `lead_wire` (`id`, `motor_id`, `mark`, `colour`) VALUES (11,4,'T1','blue');
INSERT INTO `lead_wire` (`id`, `motor_id`, `mark`, `colour`) VALUES (12,4,'T4','yellow');
INSERT INTO `lead_wire` (`id`, `motor_id`, `mark`, `colour`) VALUES (13,4,'T5','black');
INSERT INTO `lead_wire` (`id`, `motor_id`, `mark`, `colour`) VALUES (14,4,'T8','red');
INSERT INTO `lead_wire` (`id`, `motor_id`, `mark`, `colour`) VALUES (15,6,'T1','blue');
INSERT INTO `lead_wire` (`id`, `motor_id`, `mark`, `colour`) VALUES (16,6,'T2','white');
INSERT INTO `lead_wire` (`id`, `motor_id`, `mark`, `colour`) VALUES (17,6,'T3','orange');
INSERT INTO `lead_wire` (`id`, `motor_id`, `mark`, `colour`) VALUES (18,6,'T4','yellow');
INSERT INTO `lead_wire` (`id`, `motor_id`, `mark`, `colour`) VALUES (19,6,'T5','black');
INSERT INTO `lead_wire` (`id`, `motor_id`, `mark`, `colour`) VALUES (20,6,'T8','red');
INSERT INTO `lead_wire` (`id`, `motor_id`, `mark`, `colour`) VALUES (21,8,'U1','');
INSERT INTO `lead_wire` (`id`, `motor_id`, `mark`, `colour`) VALUES (22,8,'U2','');
INSERT INTO `lead_wire` (`id`, `motor_id`, `mark`, `colour`) VALUES (23,8,'V1','');
INSERT INTO `lead_wire` (`id`, `motor_id`, `mark`, `colour`) VALUES (24,8,'V2','');
INSERT INTO `lead_wire` (`id`, `motor_id`, `mark`, `colour`) VALUES (25,8,'Z1','');
INSERT INTO `lead_wire` (`id`, `motor_id`, `mark`, `colour`) VALUES (26,8,'Z2','');
INSERT INTO `lead_wire` (`id`, `motor_id`, `mark`, `colour`) VALUES (27,9,'C1','');
INSERT INTO `lead_wire` (`id`, `motor_id`, `mark`, `colour`) VALUES (28,9,'C2','');
INSERT INTO `lead_wire` (`id`, `motor_id`, `mark`, `colour`) VALUES (29,9,'U1','');
INSERT INTO `lead_wire` (`id`, `motor_id`, `mark`, `colour`) VALUES (30,9,'U2','');
INSERT INTO `lead_wire` (`id`, `motor_id`, `mark`, `colour`) VALUES (31,9,'Z1','');
INSERT INTO `lead_wire` (`id`, `motor_id`, `mark`, `colour`) VALUES (32,9,'Z2','');
/*!40000 ALTER TABLE `lead_wire` ENABLE KEYS */;
UNLOCK TABLES;
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
) ENGINE=InnoDB AUTO_INCREMENT=138 DEFAULT CHARSET=utf8mb4 COLLATE=utf8mb4_unicode_520_ci;
/*!40101 SET character_set_client = @saved_cs_client */;

LOCK TABLES `log_entry` WRITE;
/*!40000 ALTER TABLE `log_entry` DISABLE KEYS */;
INSERT INTO `log_entry` (`id`, `shop_id`, `job_id`, `person_id`, `at`, `kind`, `words`) VALUES (1,1,1,1,'2026-11-26 02:24:10.344','OPENED','Job opened for the Apple scratter.');
INSERT INTO `log_entry` (`id`, `shop_id`, `job_id`, `person_id`, `at`, `kind`, `words`) VALUES (2,1,1,1,'2026-11-26 02:24:10.435','SAVED','Capacitor written down: start capacitor, 300 µF, 165 V.');
INSERT INTO `log_entry` (`id`, `shop_id`, `job_id`, `person_id`, `at`, `kind`, `words`) VALUES (3,1,1,1,'2026-11-26 02:24:10.453','SAVED','start capacitor measured: 0.4 V, discharged through a bleeding resistor.');
INSERT INTO `log_entry` (`id`, `shop_id`, `job_id`, `person_id`, `at`, `kind`, `words`) VALUES (4,1,1,1,'2026-11-26 02:24:10.474','SAVED','Lock-out saved: unplugged, the plug in sight or in a locked cover, Plug in my pocket; meter tried before: yes, dead: yes, meter tried after: yes.');
INSERT INTO `log_entry` (`id`, `shop_id`, `job_id`, `person_id`, `at`, `kind`, `words`) VALUES (5,1,1,1,'2026-11-26 02:24:10.513','PULLED','Safe: pin pulled.');
INSERT INTO `log_entry` (`id`, `shop_id`, `job_id`, `person_id`, `at`, `kind`, `words`) VALUES (6,1,1,1,'2026-11-26 02:24:10.550','SAVED','As found: 11 wires written down.');
INSERT INTO `log_entry` (`id`, `shop_id`, `job_id`, `person_id`, `at`, `kind`, `words`) VALUES (7,1,1,1,'2026-11-26 02:24:10.564','PULLED','As found: pin pulled.');
INSERT INTO `log_entry` (`id`, `shop_id`, `job_id`, `person_id`, `at`, `kind`, `words`) VALUES (8,1,1,1,'2026-11-26 02:24:10.599','SAVED','Plate saved: 3/4 hp, 115/230 V, 60 Hz, 1725 rpm.');
INSERT INTO `log_entry` (`id`, `shop_id`, `job_id`, `person_id`, `at`, `kind`, `words`) VALUES (9,1,1,1,'2026-11-26 02:24:10.635','PULLED','Plate: pin pulled.');
INSERT INTO `log_entry` (`id`, `shop_id`, `job_id`, `person_id`, `at`, `kind`, `words`) VALUES (10,1,1,1,'2026-11-26 02:24:10.683','SAVED','Diagram saved for 230 V (two hots): L1 with T1, L2 with T4 T8.');
INSERT INTO `log_entry` (`id`, `shop_id`, `job_id`, `person_id`, `at`, `kind`, `words`) VALUES (11,1,1,1,'2026-11-26 02:24:10.970','PULLED','Diagram: pin pulled.');
INSERT INTO `log_entry` (`id`, `shop_id`, `job_id`, `person_id`, `at`, `kind`, `words`) VALUES (12,1,1,1,'2026-11-26 02:24:11.001','SAVED','Leads to measure: T1, T2, T3, T4, T5, T8.');
INSERT INTO `log_entry` (`id`, `shop_id`, `job_id`, `person_id`, `at`, `kind`, `words`) VALUES (13,1,1,1,'2026-11-26 02:24:11.021','SAVED','Ohmmeter: T1 to T2 2.20 Ω.');
INSERT INTO `log_entry` (`id`, `shop_id`, `job_id`, `person_id`, `at`, `kind`, `words`) VALUES (14,1,1,1,'2026-11-26 02:24:11.048','SAVED','Ohmmeter: T3 to T4 2.30 Ω.');
INSERT INTO `log_entry` (`id`, `shop_id`, `job_id`, `person_id`, `at`, `kind`, `words`) VALUES (15,1,1,1,'2026-11-26 02:24:11.059','SAVED','Ohmmeter: T5 to T8 3.40 Ω.');
INSERT INTO `log_entry` (`id`, `shop_id`, `job_id`, `person_id`, `at`, `kind`, `words`) VALUES (16,1,1,1,'2026-11-26 02:24:11.075','SAVED','Ohmmeter: T1 to T3 OL.');
INSERT INTO `log_entry` (`id`, `shop_id`, `job_id`, `person_id`, `at`, `kind`, `words`) VALUES (17,1,1,1,'2026-11-26 02:24:11.087','SAVED','Ohmmeter: T1 to T5 OL.');
INSERT INTO `log_entry` (`id`, `shop_id`, `job_id`, `person_id`, `at`, `kind`, `words`) VALUES (18,1,1,1,'2026-11-26 02:24:11.098','SAVED','Ohmmeter: T3 to T5 OL.');
INSERT INTO `log_entry` (`id`, `shop_id`, `job_id`, `person_id`, `at`, `kind`, `words`) VALUES (19,1,1,1,'2026-11-26 02:24:11.108','SAVED','Ohmmeter: T1 to frame OL.');
INSERT INTO `log_entry` (`id`, `shop_id`, `job_id`, `person_id`, `at`, `kind`, `words`) VALUES (20,1,1,1,'2026-11-26 02:24:11.118','SAVED','Ohmmeter: T3 to frame OL.');
INSERT INTO `log_entry` (`id`, `shop_id`, `job_id`, `person_id`, `at`, `kind`, `words`) VALUES (21,1,1,1,'2026-11-26 02:24:11.129','SAVED','Ohmmeter: T5 to frame OL.');
INSERT INTO `log_entry` (`id`, `shop_id`, `job_id`, `person_id`, `at`, `kind`, `words`) VALUES (22,1,1,1,'2026-11-26 02:24:11.145','PULLED','Windings: pin pulled.');
INSERT INTO `log_entry` (`id`, `shop_id`, `job_id`, `person_id`, `at`, `kind`, `words`) VALUES (23,1,1,1,'2026-11-26 02:24:11.165','SAVED','Supply saved: 230 V (two hots), 18.3 m from the panel, present plug: NEMA 6-15.');
INSERT INTO `log_entry` (`id`, `shop_id`, `job_id`, `person_id`, `at`, `kind`, `words`) VALUES (24,1,1,1,'2026-11-26 02:24:11.186','PULLED','Supply: pin pulled.');
INSERT INTO `log_entry` (`id`, `shop_id`, `job_id`, `person_id`, `at`, `kind`, `words`) VALUES (25,1,1,1,'2026-11-26 02:24:11.208','SAVED','Rotation saved: the shaft turns clockwise, facing the shaft end, for the tool to work; both ways.');
INSERT INTO `log_entry` (`id`, `shop_id`, `job_id`, `person_id`, `at`, `kind`, `words`) VALUES (26,1,1,1,'2026-11-26 02:24:11.222','PULLED','Rotation: pin pulled.');
INSERT INTO `log_entry` (`id`, `shop_id`, `job_id`, `person_id`, `at`, `kind`, `words`) VALUES (27,1,1,1,'2026-11-26 02:24:11.248','SAVED','Switch chosen: Cross-corner drum.');
INSERT INTO `log_entry` (`id`, `shop_id`, `job_id`, `person_id`, `at`, `kind`, `words`) VALUES (28,1,2,1,'2026-11-26 02:24:11.252','OPENED','Job opened for the Honey extractor.');
INSERT INTO `log_entry` (`id`, `shop_id`, `job_id`, `person_id`, `at`, `kind`, `words`) VALUES (29,1,2,1,'2026-11-26 02:24:11.257','SAVED','Lock-out saved: a loose motor, not connected to anything; meter tried before: no, dead: no, meter tried after: no.');
INSERT INTO `log_entry` (`id`, `shop_id`, `job_id`, `person_id`, `at`, `kind`, `words`) VALUES (30,1,2,1,'2026-11-26 02:24:11.262','PULLED','Safe: pin pulled.');
INSERT INTO `log_entry` (`id`, `shop_id`, `job_id`, `person_id`, `at`, `kind`, `words`) VALUES (31,1,2,1,'2026-11-26 02:24:11.267','SAVED','As found: nothing is connected.');
INSERT INTO `log_entry` (`id`, `shop_id`, `job_id`, `person_id`, `at`, `kind`, `words`) VALUES (32,1,2,1,'2026-11-26 02:24:11.272','PULLED','As found: pin pulled.');
INSERT INTO `log_entry` (`id`, `shop_id`, `job_id`, `person_id`, `at`, `kind`, `words`) VALUES (33,1,2,1,'2026-11-26 02:24:11.278','SAVED','Plate saved: 1/8 hp, 115 V, 60 Hz, 1650 rpm.');
INSERT INTO `log_entry` (`id`, `shop_id`, `job_id`, `person_id`, `at`, `kind`, `words`) VALUES (34,1,2,1,'2026-11-26 02:24:11.283','PULLED','Plate: pin pulled.');
INSERT INTO `log_entry` (`id`, `shop_id`, `job_id`, `person_id`, `at`, `kind`, `words`) VALUES (35,1,2,1,'2026-11-26 02:24:11.298','SAVED','Diagram saved for 115 V: L1 with black blue, L2 with black/yellow blue/yellow.');
INSERT INTO `log_entry` (`id`, `shop_id`, `job_id`, `person_id`, `at`, `kind`, `words`) VALUES (36,1,2,1,'2026-11-26 02:24:11.376','PULLED','Diagram: pin pulled.');
INSERT INTO `log_entry` (`id`, `shop_id`, `job_id`, `person_id`, `at`, `kind`, `words`) VALUES (37,1,2,1,'2026-11-26 02:24:11.391','SAVED','The marks on the leads are relied on as the maker\'s own.');
INSERT INTO `log_entry` (`id`, `shop_id`, `job_id`, `person_id`, `at`, `kind`, `words`) VALUES (38,1,2,1,'2026-11-26 02:24:11.406','PULLED','Windings: pin pulled.');
INSERT INTO `log_entry` (`id`, `shop_id`, `job_id`, `person_id`, `at`, `kind`, `words`) VALUES (39,1,2,1,'2026-11-26 02:24:11.432','SAVED','Supply saved: 115 V, 6 m from the panel, present plug: NEMA 5-15.');
INSERT INTO `log_entry` (`id`, `shop_id`, `job_id`, `person_id`, `at`, `kind`, `words`) VALUES (40,1,2,1,'2026-11-26 02:24:11.449','PULLED','Supply: pin pulled.');
INSERT INTO `log_entry` (`id`, `shop_id`, `job_id`, `person_id`, `at`, `kind`, `words`) VALUES (41,1,2,1,'2026-11-26 02:24:11.465','SAVED','Rotation saved: the shaft turns counter-clockwise, facing the shaft end, for the tool to work; both ways.');
INSERT INTO `log_entry` (`id`, `shop_id`, `job_id`, `person_id`, `at`, `kind`, `words`) VALUES (42,1,2,1,'2026-11-26 02:24:11.486','PULLED','Rotation: pin pulled.');
INSERT INTO `log_entry` (`id`, `shop_id`, `job_id`, `person_id`, `at`, `kind`, `words`) VALUES (43,1,3,1,'2026-11-26 02:24:11.489','OPENED','Job opened for the Seed auger.');
INSERT INTO `log_entry` (`id`, `shop_id`, `job_id`, `person_id`, `at`, `kind`, `words`) VALUES (44,1,3,1,'2026-11-26 02:24:11.494','SAVED','Lock-out saved: a loose motor, not connected to anything; meter tried before: no, dead: no, meter tried after: no.');
INSERT INTO `log_entry` (`id`, `shop_id`, `job_id`, `person_id`, `at`, `kind`, `words`) VALUES (45,1,3,1,'2026-11-26 02:24:11.499','PULLED','Safe: pin pulled.');
INSERT INTO `log_entry` (`id`, `shop_id`, `job_id`, `person_id`, `at`, `kind`, `words`) VALUES (46,1,3,1,'2026-11-26 02:24:11.504','SAVED','As found: nothing is connected.');
INSERT INTO `log_entry` (`id`, `shop_id`, `job_id`, `person_id`, `at`, `kind`, `words`) VALUES (47,1,3,1,'2026-11-26 02:24:11.510','PULLED','As found: pin pulled.');
INSERT INTO `log_entry` (`id`, `shop_id`, `job_id`, `person_id`, `at`, `kind`, `words`) VALUES (48,1,3,1,'2026-11-26 02:24:11.518','SAVED','Plate saved: 2 hp, 115/230 V, 60 Hz, 1740 rpm.');
INSERT INTO `log_entry` (`id`, `shop_id`, `job_id`, `person_id`, `at`, `kind`, `words`) VALUES (49,1,3,1,'2026-11-26 02:24:11.524','PULLED','Plate: pin pulled.');
INSERT INTO `log_entry` (`id`, `shop_id`, `job_id`, `person_id`, `at`, `kind`, `words`) VALUES (50,1,4,1,'2026-11-26 02:24:11.527','OPENED','Job opened for the Tapping drill.');
INSERT INTO `log_entry` (`id`, `shop_id`, `job_id`, `person_id`, `at`, `kind`, `words`) VALUES (51,1,4,1,'2026-11-26 02:24:11.533','SAVED','Lock-out saved: a loose motor, not connected to anything; meter tried before: no, dead: no, meter tried after: no.');
INSERT INTO `log_entry` (`id`, `shop_id`, `job_id`, `person_id`, `at`, `kind`, `words`) VALUES (52,1,4,1,'2026-11-26 02:24:11.539','PULLED','Safe: pin pulled.');
INSERT INTO `log_entry` (`id`, `shop_id`, `job_id`, `person_id`, `at`, `kind`, `words`) VALUES (53,1,4,1,'2026-11-26 02:24:11.544','SAVED','As found: nothing is connected.');
INSERT INTO `log_entry` (`id`, `shop_id`, `job_id`, `person_id`, `at`, `kind`, `words`) VALUES (54,1,4,1,'2026-11-26 02:24:11.550','PULLED','As found: pin pulled.');
INSERT INTO `log_entry` (`id`, `shop_id`, `job_id`, `person_id`, `at`, `kind`, `words`) VALUES (55,1,4,1,'2026-11-26 02:24:11.556','SAVED','Plate saved: 1/2 hp, 115 V, 60 Hz, 1725 rpm.');
INSERT INTO `log_entry` (`id`, `shop_id`, `job_id`, `person_id`, `at`, `kind`, `words`) VALUES (56,1,4,1,'2026-11-26 02:24:11.562','PULLED','Plate: pin pulled.');
INSERT INTO `log_entry` (`id`, `shop_id`, `job_id`, `person_id`, `at`, `kind`, `words`) VALUES (57,1,4,1,'2026-11-26 02:24:11.574','SAVED','Diagram saved for 115 V: L1 with T1 T5, L2 with T4 T8.');
INSERT INTO `log_entry` (`id`, `shop_id`, `job_id`, `person_id`, `at`, `kind`, `words`) VALUES (58,1,4,1,'2026-11-26 02:24:11.613','PULLED','Diagram: pin pulled.');
INSERT INTO `log_entry` (`id`, `shop_id`, `job_id`, `person_id`, `at`, `kind`, `words`) VALUES (59,1,4,1,'2026-11-26 02:24:11.622','SAVED','The marks on the leads are relied on as the maker\'s own.');
INSERT INTO `log_entry` (`id`, `shop_id`, `job_id`, `person_id`, `at`, `kind`, `words`) VALUES (60,1,4,1,'2026-11-26 02:24:11.630','PULLED','Windings: pin pulled.');
INSERT INTO `log_entry` (`id`, `shop_id`, `job_id`, `person_id`, `at`, `kind`, `words`) VALUES (61,1,4,1,'2026-11-26 02:24:11.646','SAVED','Supply saved: 115 V, 9 m from the panel, present plug: NEMA 5-15.');
INSERT INTO `log_entry` (`id`, `shop_id`, `job_id`, `person_id`, `at`, `kind`, `words`) VALUES (62,1,4,1,'2026-11-26 02:24:11.654','PULLED','Supply: pin pulled.');
INSERT INTO `log_entry` (`id`, `shop_id`, `job_id`, `person_id`, `at`, `kind`, `words`) VALUES (63,1,4,1,'2026-11-26 02:24:11.663','SAVED','Rotation saved: the shaft turns clockwise, facing the shaft end, for the tool to work; both ways.');
INSERT INTO `log_entry` (`id`, `shop_id`, `job_id`, `person_id`, `at`, `kind`, `words`) VALUES (64,1,4,1,'2026-11-26 02:24:11.672','PULLED','Rotation: pin pulled.');
INSERT INTO `log_entry` (`id`, `shop_id`, `job_id`, `person_id`, `at`, `kind`, `words`) VALUES (65,1,5,1,'2026-11-26 02:24:11.689','OPENED','Job opened for the Sorting-belt blower.');
INSERT INTO `log_entry` (`id`, `shop_id`, `job_id`, `person_id`, `at`, `kind`, `words`) VALUES (66,1,5,1,'2026-11-26 02:24:11.696','SAVED','Lock-out saved: a loose motor, not connected to anything; meter tried before: no, dead: no, meter tried after: no.');
INSERT INTO `log_entry` (`id`, `shop_id`, `job_id`, `person_id`, `at`, `kind`, `words`) VALUES (67,1,5,1,'2026-11-26 02:24:11.701','PULLED','Safe: pin pulled.');
INSERT INTO `log_entry` (`id`, `shop_id`, `job_id`, `person_id`, `at`, `kind`, `words`) VALUES (68,1,5,1,'2026-11-26 02:24:11.708','SAVED','As found: nothing is connected.');
INSERT INTO `log_entry` (`id`, `shop_id`, `job_id`, `person_id`, `at`, `kind`, `words`) VALUES (69,1,5,1,'2026-11-26 02:24:11.715','PULLED','As found: pin pulled.');
INSERT INTO `log_entry` (`id`, `shop_id`, `job_id`, `person_id`, `at`, `kind`, `words`) VALUES (70,1,5,1,'2026-11-26 02:24:11.734','SAVED','Leads to measure: 1, 2, 3, 4, 5.');
INSERT INTO `log_entry` (`id`, `shop_id`, `job_id`, `person_id`, `at`, `kind`, `words`) VALUES (71,1,6,1,'2026-11-26 02:24:11.752','OPENED','Job opened for the Hay-loft winch.');
INSERT INTO `log_entry` (`id`, `shop_id`, `job_id`, `person_id`, `at`, `kind`, `words`) VALUES (72,1,6,1,'2026-11-26 02:24:11.759','SAVED','Lock-out saved: a loose motor, not connected to anything; meter tried before: no, dead: no, meter tried after: no.');
INSERT INTO `log_entry` (`id`, `shop_id`, `job_id`, `person_id`, `at`, `kind`, `words`) VALUES (73,1,6,1,'2026-11-26 02:24:11.768','PULLED','Safe: pin pulled.');
INSERT INTO `log_entry` (`id`, `shop_id`, `job_id`, `person_id`, `at`, `kind`, `words`) VALUES (74,1,6,1,'2026-11-26 02:24:11.775','SAVED','As found: nothing is connected.');
INSERT INTO `log_entry` (`id`, `shop_id`, `job_id`, `person_id`, `at`, `kind`, `words`) VALUES (75,1,6,1,'2026-11-26 02:24:11.781','PULLED','As found: pin pulled.');
INSERT INTO `log_entry` (`id`, `shop_id`, `job_id`, `person_id`, `at`, `kind`, `words`) VALUES (76,1,6,1,'2026-11-26 02:24:11.791','SAVED','Plate saved: 1 hp, 115/230 V, 60 Hz, 1725 rpm.');
INSERT INTO `log_entry` (`id`, `shop_id`, `job_id`, `person_id`, `at`, `kind`, `words`) VALUES (77,1,6,1,'2026-11-26 02:24:11.797','PULLED','Plate: pin pulled.');
INSERT INTO `log_entry` (`id`, `shop_id`, `job_id`, `person_id`, `at`, `kind`, `words`) VALUES (78,1,6,1,'2026-11-26 02:24:11.812','SAVED','Diagram saved for 230 V (two hots): L1 with T1, L2 with T4 T8.');
INSERT INTO `log_entry` (`id`, `shop_id`, `job_id`, `person_id`, `at`, `kind`, `words`) VALUES (79,1,6,1,'2026-11-26 02:24:11.836','PULLED','Diagram: pin pulled.');
INSERT INTO `log_entry` (`id`, `shop_id`, `job_id`, `person_id`, `at`, `kind`, `words`) VALUES (80,1,6,1,'2026-11-26 02:24:11.844','SAVED','The marks on the leads are relied on as the maker\'s own.');
INSERT INTO `log_entry` (`id`, `shop_id`, `job_id`, `person_id`, `at`, `kind`, `words`) VALUES (81,1,6,1,'2026-11-26 02:24:11.853','PULLED','Windings: pin pulled.');
INSERT INTO `log_entry` (`id`, `shop_id`, `job_id`, `person_id`, `at`, `kind`, `words`) VALUES (82,1,6,1,'2026-11-26 02:24:11.870','SAVED','Supply saved: 230 V (two hots), 22 m from the panel, present plug: fixed wiring.');
INSERT INTO `log_entry` (`id`, `shop_id`, `job_id`, `person_id`, `at`, `kind`, `words`) VALUES (83,1,6,1,'2026-11-26 02:24:11.881','PULLED','Supply: pin pulled.');
INSERT INTO `log_entry` (`id`, `shop_id`, `job_id`, `person_id`, `at`, `kind`, `words`) VALUES (84,1,6,1,'2026-11-26 02:24:11.898','SAVED','Rotation saved: the shaft turns clockwise, facing the shaft end, for the tool to work; both ways.');
INSERT INTO `log_entry` (`id`, `shop_id`, `job_id`, `person_id`, `at`, `kind`, `words`) VALUES (85,1,6,1,'2026-11-26 02:24:11.909','PULLED','Rotation: pin pulled.');
INSERT INTO `log_entry` (`id`, `shop_id`, `job_id`, `person_id`, `at`, `kind`, `words`) VALUES (86,1,7,1,'2026-11-26 02:24:11.912','OPENED','Job opened for the Tool grinder.');
INSERT INTO `log_entry` (`id`, `shop_id`, `job_id`, `person_id`, `at`, `kind`, `words`) VALUES (87,1,7,1,'2026-11-26 02:24:11.919','SAVED','Lock-out saved: a loose motor, not connected to anything; meter tried before: no, dead: no, meter tried after: no.');
INSERT INTO `log_entry` (`id`, `shop_id`, `job_id`, `person_id`, `at`, `kind`, `words`) VALUES (88,1,7,1,'2026-11-26 02:24:11.924','PULLED','Safe: pin pulled.');
INSERT INTO `log_entry` (`id`, `shop_id`, `job_id`, `person_id`, `at`, `kind`, `words`) VALUES (89,1,7,1,'2026-11-26 02:24:11.929','SAVED','As found: nothing is connected.');
INSERT INTO `log_entry` (`id`, `shop_id`, `job_id`, `person_id`, `at`, `kind`, `words`) VALUES (90,1,7,1,'2026-11-26 02:24:11.934','PULLED','As found: pin pulled.');
INSERT INTO `log_entry` (`id`, `shop_id`, `job_id`, `person_id`, `at`, `kind`, `words`) VALUES (91,1,7,1,'2026-11-26 02:24:11.960','SAVED','Plate saved: 1 hp, 230/460 V, 60 Hz, 1725 rpm.');
INSERT INTO `log_entry` (`id`, `shop_id`, `job_id`, `person_id`, `at`, `kind`, `words`) VALUES (92,2,8,2,'2026-11-26 02:24:12.010','OPENED','Job opened for the Potter\'s wheel.');
INSERT INTO `log_entry` (`id`, `shop_id`, `job_id`, `person_id`, `at`, `kind`, `words`) VALUES (93,2,8,2,'2026-11-26 02:24:12.016','SAVED','Lock-out saved: a loose motor, not connected to anything; meter tried before: no, dead: no, meter tried after: no.');
INSERT INTO `log_entry` (`id`, `shop_id`, `job_id`, `person_id`, `at`, `kind`, `words`) VALUES (94,2,8,2,'2026-11-26 02:24:12.022','PULLED','Safe: pin pulled.');
INSERT INTO `log_entry` (`id`, `shop_id`, `job_id`, `person_id`, `at`, `kind`, `words`) VALUES (95,2,8,2,'2026-11-26 02:24:12.031','SAVED','As found: nothing is connected.');
INSERT INTO `log_entry` (`id`, `shop_id`, `job_id`, `person_id`, `at`, `kind`, `words`) VALUES (96,2,8,2,'2026-11-26 02:24:12.040','PULLED','As found: pin pulled.');
INSERT INTO `log_entry` (`id`, `shop_id`, `job_id`, `person_id`, `at`, `kind`, `words`) VALUES (97,2,8,2,'2026-11-26 02:24:12.046','SAVED','Plate saved: 0.37 kW, 115/230 V, 50 Hz, 1420 rpm.');
INSERT INTO `log_entry` (`id`, `shop_id`, `job_id`, `person_id`, `at`, `kind`, `words`) VALUES (98,2,8,2,'2026-11-26 02:24:12.054','PULLED','Plate: pin pulled.');
INSERT INTO `log_entry` (`id`, `shop_id`, `job_id`, `person_id`, `at`, `kind`, `words`) VALUES (99,2,8,2,'2026-11-26 02:24:12.073','SAVED','Diagram saved for 230 V: L1 with U1, L2 with V2 Z2.');
INSERT INTO `log_entry` (`id`, `shop_id`, `job_id`, `person_id`, `at`, `kind`, `words`) VALUES (100,2,8,2,'2026-11-26 02:24:12.111','PULLED','Diagram: pin pulled.');
INSERT INTO `log_entry` (`id`, `shop_id`, `job_id`, `person_id`, `at`, `kind`, `words`) VALUES (101,2,8,2,'2026-11-26 02:24:12.157','SAVED','Stud board saved: found linked for 115 V (U1–V1, U2–V2).');
INSERT INTO `log_entry` (`id`, `shop_id`, `job_id`, `person_id`, `at`, `kind`, `words`) VALUES (102,2,8,2,'2026-11-26 02:24:12.175','SAVED','The marks on the leads are relied on as the maker\'s own.');
INSERT INTO `log_entry` (`id`, `shop_id`, `job_id`, `person_id`, `at`, `kind`, `words`) VALUES (103,2,8,2,'2026-11-26 02:24:12.186','PULLED','Windings: pin pulled.');
INSERT INTO `log_entry` (`id`, `shop_id`, `job_id`, `person_id`, `at`, `kind`, `words`) VALUES (104,1,2,1,'2026-11-26 02:24:34.934','SAVED','Switch chosen: 3PDT toggle, centre off.');
INSERT INTO `log_entry` (`id`, `shop_id`, `job_id`, `person_id`, `at`, `kind`, `words`) VALUES (105,1,6,1,'2026-11-26 02:24:35.292','SAVED','Switch chosen: Cross-corner drum, spring return.');
INSERT INTO `log_entry` (`id`, `shop_id`, `job_id`, `person_id`, `at`, `kind`, `words`) VALUES (106,1,1,1,'2026-11-26 02:24:35.772','SAVED','Plan chosen: Three conductors, one jumper.');
INSERT INTO `log_entry` (`id`, `shop_id`, `job_id`, `person_id`, `at`, `kind`, `words`) VALUES (107,1,1,1,'2026-11-26 02:24:35.801','PULLED','Switch: pin pulled.');
INSERT INTO `log_entry` (`id`, `shop_id`, `job_id`, `person_id`, `at`, `kind`, `words`) VALUES (108,1,2,1,'2026-11-26 02:24:36.163','SAVED','Plan chosen: Four conductors, four jumpers.');
INSERT INTO `log_entry` (`id`, `shop_id`, `job_id`, `person_id`, `at`, `kind`, `words`) VALUES (109,1,2,1,'2026-11-26 02:24:36.173','PULLED','Switch: pin pulled.');
INSERT INTO `log_entry` (`id`, `shop_id`, `job_id`, `person_id`, `at`, `kind`, `words`) VALUES (110,1,6,1,'2026-11-26 02:24:36.540','SAVED','Plan chosen: Three conductors, one jumper.');
INSERT INTO `log_entry` (`id`, `shop_id`, `job_id`, `person_id`, `at`, `kind`, `words`) VALUES (111,1,6,1,'2026-11-26 02:24:36.552','PULLED','Switch: pin pulled.');
INSERT INTO `log_entry` (`id`, `shop_id`, `job_id`, `person_id`, `at`, `kind`, `words`) VALUES (112,1,1,1,'2026-11-26 02:24:43.839','MADE','T1 to 2 made.');
INSERT INTO `log_entry` (`id`, `shop_id`, `job_id`, `person_id`, `at`, `kind`, `words`) VALUES (113,1,1,1,'2026-11-26 02:24:44.004','MADE','T4 to 3 made.');
INSERT INTO `log_entry` (`id`, `shop_id`, `job_id`, `person_id`, `at`, `kind`, `words`) VALUES (114,1,1,1,'2026-11-26 02:24:44.184','MADE','T2 to S1 made.');
INSERT INTO `log_entry` (`id`, `shop_id`, `job_id`, `person_id`, `at`, `kind`, `words`) VALUES (115,1,1,1,'2026-11-26 02:24:44.296','MADE','T3 to S1 made.');
INSERT INTO `log_entry` (`id`, `shop_id`, `job_id`, `person_id`, `at`, `kind`, `words`) VALUES (116,1,1,1,'2026-11-26 02:24:44.400','MADE','T5 to S1 made.');
INSERT INTO `log_entry` (`id`, `shop_id`, `job_id`, `person_id`, `at`, `kind`, `words`) VALUES (117,1,1,1,'2026-11-26 02:24:44.507','MADE','T8 to 1 made.');
INSERT INTO `log_entry` (`id`, `shop_id`, `job_id`, `person_id`, `at`, `kind`, `words`) VALUES (118,1,1,1,'2026-11-26 02:24:44.600','MADE','1 to 5 made.');
INSERT INTO `log_entry` (`id`, `shop_id`, `job_id`, `person_id`, `at`, `kind`, `words`) VALUES (119,1,1,1,'2026-11-26 02:24:44.695','MADE','4 to L1 made.');
INSERT INTO `log_entry` (`id`, `shop_id`, `job_id`, `person_id`, `at`, `kind`, `words`) VALUES (120,1,1,1,'2026-11-26 02:24:44.801','MADE','6 to L2 made.');
INSERT INTO `log_entry` (`id`, `shop_id`, `job_id`, `person_id`, `at`, `kind`, `words`) VALUES (121,1,1,1,'2026-11-26 02:24:44.876','MADE','G to G made.');
INSERT INTO `log_entry` (`id`, `shop_id`, `job_id`, `person_id`, `at`, `kind`, `words`) VALUES (122,1,1,1,'2026-11-26 02:24:44.972','MADE','G to G made.');
INSERT INTO `log_entry` (`id`, `shop_id`, `job_id`, `person_id`, `at`, `kind`, `words`) VALUES (123,1,2,1,'2026-11-26 02:24:45.183','MADE','blue to 5 made.');
INSERT INTO `log_entry` (`id`, `shop_id`, `job_id`, `person_id`, `at`, `kind`, `words`) VALUES (124,1,2,1,'2026-11-26 02:24:45.310','MADE','blue/yellow to 6 made.');
INSERT INTO `log_entry` (`id`, `shop_id`, `job_id`, `person_id`, `at`, `kind`, `words`) VALUES (125,1,2,1,'2026-11-26 02:24:45.438','MADE','black to 1 made.');
INSERT INTO `log_entry` (`id`, `shop_id`, `job_id`, `person_id`, `at`, `kind`, `words`) VALUES (126,1,6,1,'2026-11-26 02:24:45.601','MADE','T1 to 2 made.');
INSERT INTO `log_entry` (`id`, `shop_id`, `job_id`, `person_id`, `at`, `kind`, `words`) VALUES (127,1,6,1,'2026-11-26 02:24:45.717','MADE','T4 to 3 made.');
INSERT INTO `log_entry` (`id`, `shop_id`, `job_id`, `person_id`, `at`, `kind`, `words`) VALUES (128,1,6,1,'2026-11-26 02:24:45.837','MADE','T2 to S1 made.');
INSERT INTO `log_entry` (`id`, `shop_id`, `job_id`, `person_id`, `at`, `kind`, `words`) VALUES (129,1,6,1,'2026-11-26 02:24:45.925','MADE','T3 to S1 made.');
INSERT INTO `log_entry` (`id`, `shop_id`, `job_id`, `person_id`, `at`, `kind`, `words`) VALUES (130,1,6,1,'2026-11-26 02:24:46.019','MADE','T5 to S1 made.');
INSERT INTO `log_entry` (`id`, `shop_id`, `job_id`, `person_id`, `at`, `kind`, `words`) VALUES (131,2,9,2,'2026-11-26 02:24:58.586','OPENED','Job opened for the Glaze mixer.');
INSERT INTO `log_entry` (`id`, `shop_id`, `job_id`, `person_id`, `at`, `kind`, `words`) VALUES (132,2,9,2,'2026-11-26 02:24:58.815','SAVED','Diagram saved for 230 V: L1 with U1 Z1, L2 with C2 U2.');
INSERT INTO `log_entry` (`id`, `shop_id`, `job_id`, `person_id`, `at`, `kind`, `words`) VALUES (133,2,9,2,'2026-11-26 02:24:58.974','SAVED','Switch chosen: 3PDT toggle, centre off.');
INSERT INTO `log_entry` (`id`, `shop_id`, `job_id`, `person_id`, `at`, `kind`, `words`) VALUES (134,2,9,2,'2026-11-26 02:24:59.179','SAVED','Plan chosen: Four conductors, four jumpers.');
INSERT INTO `log_entry` (`id`, `shop_id`, `job_id`, `person_id`, `at`, `kind`, `words`) VALUES (135,2,9,2,'2026-11-26 02:24:59.402','MADE','U1 to 2 made.');
INSERT INTO `log_entry` (`id`, `shop_id`, `job_id`, `person_id`, `at`, `kind`, `words`) VALUES (136,2,9,2,'2026-11-26 02:24:59.494','MADE','U2 to 4 made.');
INSERT INTO `log_entry` (`id`, `shop_id`, `job_id`, `person_id`, `at`, `kind`, `words`) VALUES (137,2,9,2,'2026-11-26 02:25:08.073','SAVED','Plate saved: 0.25 kW, 230 V, 50 Hz, 1400 rpm.');
/*!40000 ALTER TABLE `log_entry` ENABLE KEYS */;
UNLOCK TABLES;
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
) ENGINE=InnoDB AUTO_INCREMENT=10 DEFAULT CHARSET=utf8mb4 COLLATE=utf8mb4_unicode_520_ci;
/*!40101 SET character_set_client = @saved_cs_client */;

LOCK TABLES `machine` WRITE;
/*!40000 ALTER TABLE `machine` DISABLE KEYS */;
INSERT INTO `machine` (`id`, `shop_id`, `name`, `note`) VALUES (1,1,'Apple scratter','Capacitor start, six leads. Reverses to clear jams.');
INSERT INTO `machine` (`id`, `shop_id`, `name`, `note`) VALUES (2,1,'Honey extractor','Gearmotor with one oil-filled capacitor, no click. Four wires in two colour pairs.');
INSERT INTO `machine` (`id`, `shop_id`, `name`, `note`) VALUES (3,1,'Seed auger','Two humps, two contactors and a push-button box. 60 m from the panel.');
INSERT INTO `machine` (`id`, `shop_id`, `name`, `note`) VALUES (4,1,'Tapping drill','Split phase, cam switch without a chart.');
INSERT INTO `machine` (`id`, `shop_id`, `name`, `note`) VALUES (5,1,'Sorting-belt blower','Five wires, no marks left, plate unreadable.');
INSERT INTO `machine` (`id`, `shop_id`, `name`, `note`) VALUES (6,1,'Hay-loft winch','Drum that springs back to the middle.');
INSERT INTO `machine` (`id`, `shop_id`, `name`, `note`) VALUES (7,1,'Tool grinder','Nine leads, PH 3 on the plate. Not a single-phase motor.');
INSERT INTO `machine` (`id`, `shop_id`, `name`, `note`) VALUES (8,2,'Potter\'s wheel','IEC marks on a stud board, links landed by somebody else.');
INSERT INTO `machine` (`id`, `shop_id`, `name`, `note`) VALUES (9,2,'Glaze mixer','');
/*!40000 ALTER TABLE `machine` ENABLE KEYS */;
UNLOCK TABLES;
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
) ENGINE=InnoDB AUTO_INCREMENT=10 DEFAULT CHARSET=utf8mb4 COLLATE=utf8mb4_unicode_520_ci;
/*!40101 SET character_set_client = @saved_cs_client */;

LOCK TABLES `motor` WRITE;
/*!40000 ALTER TABLE `motor` DISABLE KEYS */;
INSERT INTO `motor` (`id`, `shop_id`, `machine_id`, `output`, `output_unit`, `hertz`, `rpm`, `version`, `family`, `code_letter`, `start_microfarads`, `run_microfarads`, `plate_text`) VALUES (1,1,1,'3/4','hp',60,1725,2,'CAPACITOR_START','K',300.00,NULL,'');
INSERT INTO `motor` (`id`, `shop_id`, `machine_id`, `output`, `output_unit`, `hertz`, `rpm`, `version`, `family`, `code_letter`, `start_microfarads`, `run_microfarads`, `plate_text`) VALUES (2,1,2,'1/8','hp',60,1650,2,'PERMANENT_SPLIT_CAPACITOR',NULL,NULL,10.00,'');
INSERT INTO `motor` (`id`, `shop_id`, `machine_id`, `output`, `output_unit`, `hertz`, `rpm`, `version`, `family`, `code_letter`, `start_microfarads`, `run_microfarads`, `plate_text`) VALUES (3,1,3,'2','hp',60,1740,1,'CAPACITOR_START_CAPACITOR_RUN',NULL,560.00,40.00,'');
INSERT INTO `motor` (`id`, `shop_id`, `machine_id`, `output`, `output_unit`, `hertz`, `rpm`, `version`, `family`, `code_letter`, `start_microfarads`, `run_microfarads`, `plate_text`) VALUES (4,1,4,'1/2','hp',60,1725,2,'SPLIT_PHASE',NULL,NULL,NULL,'');
INSERT INTO `motor` (`id`, `shop_id`, `machine_id`, `output`, `output_unit`, `hertz`, `rpm`, `version`, `family`, `code_letter`, `start_microfarads`, `run_microfarads`, `plate_text`) VALUES (5,1,5,'','hp',0,0,0,NULL,NULL,NULL,NULL,'');
INSERT INTO `motor` (`id`, `shop_id`, `machine_id`, `output`, `output_unit`, `hertz`, `rpm`, `version`, `family`, `code_letter`, `start_microfarads`, `run_microfarads`, `plate_text`) VALUES (6,1,6,'1','hp',60,1725,2,'CAPACITOR_START',NULL,NULL,NULL,'');
INSERT INTO `motor` (`id`, `shop_id`, `machine_id`, `output`, `output_unit`, `hertz`, `rpm`, `version`, `family`, `code_letter`, `start_microfarads`, `run_microfarads`, `plate_text`) VALUES (7,1,7,'1','hp',60,1725,1,NULL,NULL,NULL,NULL,'1 HP PH 3 V 230/460 A 3.4/1.7 RPM 1725 HZ 60 FR 56 CONT');
INSERT INTO `motor` (`id`, `shop_id`, `machine_id`, `output`, `output_unit`, `hertz`, `rpm`, `version`, `family`, `code_letter`, `start_microfarads`, `run_microfarads`, `plate_text`) VALUES (8,2,8,'0.37','kW',50,1420,3,'CAPACITOR_START',NULL,NULL,NULL,'');
INSERT INTO `motor` (`id`, `shop_id`, `machine_id`, `output`, `output_unit`, `hertz`, `rpm`, `version`, `family`, `code_letter`, `start_microfarads`, `run_microfarads`, `plate_text`) VALUES (9,2,9,'0.25','kW',50,1400,2,'PERMANENT_SPLIT_CAPACITOR',NULL,NULL,12.00,'');
/*!40000 ALTER TABLE `motor` ENABLE KEYS */;
UNLOCK TABLES;
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

LOCK TABLES `motor_rating` WRITE;
/*!40000 ALTER TABLE `motor_rating` DISABLE KEYS */;
INSERT INTO `motor_rating` (`motor_id`, `volts`, `amps`) VALUES (1,115,13.80);
INSERT INTO `motor_rating` (`motor_id`, `volts`, `amps`) VALUES (1,230,6.90);
INSERT INTO `motor_rating` (`motor_id`, `volts`, `amps`) VALUES (2,115,2.10);
INSERT INTO `motor_rating` (`motor_id`, `volts`, `amps`) VALUES (3,115,24.00);
INSERT INTO `motor_rating` (`motor_id`, `volts`, `amps`) VALUES (3,230,12.00);
INSERT INTO `motor_rating` (`motor_id`, `volts`, `amps`) VALUES (4,115,8.80);
INSERT INTO `motor_rating` (`motor_id`, `volts`, `amps`) VALUES (6,115,14.80);
INSERT INTO `motor_rating` (`motor_id`, `volts`, `amps`) VALUES (6,230,7.40);
INSERT INTO `motor_rating` (`motor_id`, `volts`, `amps`) VALUES (7,230,3.40);
INSERT INTO `motor_rating` (`motor_id`, `volts`, `amps`) VALUES (7,460,1.70);
INSERT INTO `motor_rating` (`motor_id`, `volts`, `amps`) VALUES (8,115,5.80);
INSERT INTO `motor_rating` (`motor_id`, `volts`, `amps`) VALUES (8,230,2.90);
INSERT INTO `motor_rating` (`motor_id`, `volts`, `amps`) VALUES (9,230,2.10);
/*!40000 ALTER TABLE `motor_rating` ENABLE KEYS */;
UNLOCK TABLES;
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

LOCK TABLES `ohm_reading` WRITE;
/*!40000 ALTER TABLE `ohm_reading` DISABLE KEYS */;
INSERT INTO `ohm_reading` (`id`, `motor_id`, `lead_a`, `lead_b`, `shown_ohms`, `zero_ohms`, `celsius`, `start_switch`, `simulated`, `at`, `person_id`) VALUES (1,1,'T1','T2',2.2,0.2,20.0,'AT_REST',0,'2026-11-26 02:24:11.018',1);
INSERT INTO `ohm_reading` (`id`, `motor_id`, `lead_a`, `lead_b`, `shown_ohms`, `zero_ohms`, `celsius`, `start_switch`, `simulated`, `at`, `person_id`) VALUES (2,1,'T3','T4',2.3,0.2,20.0,'AT_REST',0,'2026-11-26 02:24:11.045',1);
INSERT INTO `ohm_reading` (`id`, `motor_id`, `lead_a`, `lead_b`, `shown_ohms`, `zero_ohms`, `celsius`, `start_switch`, `simulated`, `at`, `person_id`) VALUES (3,1,'T5','T8',3.4,0.2,20.0,'AT_REST',0,'2026-11-26 02:24:11.058',1);
INSERT INTO `ohm_reading` (`id`, `motor_id`, `lead_a`, `lead_b`, `shown_ohms`, `zero_ohms`, `celsius`, `start_switch`, `simulated`, `at`, `person_id`) VALUES (4,1,'T1','T3',NULL,0.2,20.0,'AT_REST',0,'2026-11-26 02:24:11.073',1);
INSERT INTO `ohm_reading` (`id`, `motor_id`, `lead_a`, `lead_b`, `shown_ohms`, `zero_ohms`, `celsius`, `start_switch`, `simulated`, `at`, `person_id`) VALUES (5,1,'T1','T5',NULL,0.2,20.0,'AT_REST',0,'2026-11-26 02:24:11.085',1);
INSERT INTO `ohm_reading` (`id`, `motor_id`, `lead_a`, `lead_b`, `shown_ohms`, `zero_ohms`, `celsius`, `start_switch`, `simulated`, `at`, `person_id`) VALUES (6,1,'T3','T5',NULL,0.2,20.0,'AT_REST',0,'2026-11-26 02:24:11.097',1);
INSERT INTO `ohm_reading` (`id`, `motor_id`, `lead_a`, `lead_b`, `shown_ohms`, `zero_ohms`, `celsius`, `start_switch`, `simulated`, `at`, `person_id`) VALUES (7,1,'T1','frame',NULL,0.2,20.0,'AT_REST',0,'2026-11-26 02:24:11.107',1);
INSERT INTO `ohm_reading` (`id`, `motor_id`, `lead_a`, `lead_b`, `shown_ohms`, `zero_ohms`, `celsius`, `start_switch`, `simulated`, `at`, `person_id`) VALUES (8,1,'T3','frame',NULL,0.2,20.0,'AT_REST',0,'2026-11-26 02:24:11.117',1);
INSERT INTO `ohm_reading` (`id`, `motor_id`, `lead_a`, `lead_b`, `shown_ohms`, `zero_ohms`, `celsius`, `start_switch`, `simulated`, `at`, `person_id`) VALUES (9,1,'T5','frame',NULL,0.2,20.0,'AT_REST',0,'2026-11-26 02:24:11.128',1);
/*!40000 ALTER TABLE `ohm_reading` ENABLE KEYS */;
UNLOCK TABLES;
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

LOCK TABLES `pad_lead` WRITE;
/*!40000 ALTER TABLE `pad_lead` DISABLE KEYS */;
INSERT INTO `pad_lead` (`motor_id`, `name`, `place`, `aside`) VALUES (1,'T1',0,'');
INSERT INTO `pad_lead` (`motor_id`, `name`, `place`, `aside`) VALUES (1,'T2',1,'');
INSERT INTO `pad_lead` (`motor_id`, `name`, `place`, `aside`) VALUES (1,'T3',2,'');
INSERT INTO `pad_lead` (`motor_id`, `name`, `place`, `aside`) VALUES (1,'T4',3,'');
INSERT INTO `pad_lead` (`motor_id`, `name`, `place`, `aside`) VALUES (1,'T5',4,'');
INSERT INTO `pad_lead` (`motor_id`, `name`, `place`, `aside`) VALUES (1,'T8',5,'');
INSERT INTO `pad_lead` (`motor_id`, `name`, `place`, `aside`) VALUES (5,'1',0,'');
INSERT INTO `pad_lead` (`motor_id`, `name`, `place`, `aside`) VALUES (5,'2',1,'');
INSERT INTO `pad_lead` (`motor_id`, `name`, `place`, `aside`) VALUES (5,'3',2,'');
INSERT INTO `pad_lead` (`motor_id`, `name`, `place`, `aside`) VALUES (5,'4',3,'');
INSERT INTO `pad_lead` (`motor_id`, `name`, `place`, `aside`) VALUES (5,'5',4,'');
/*!40000 ALTER TABLE `pad_lead` ENABLE KEYS */;
UNLOCK TABLES;
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

LOCK TABLES `person` WRITE;
/*!40000 ALTER TABLE `person` DISABLE KEYS */;
INSERT INTO `person` (`id`, `shop_id`, `name`) VALUES (1,1,'Owner');
INSERT INTO `person` (`id`, `shop_id`, `name`) VALUES (2,2,'Owner');
/*!40000 ALTER TABLE `person` ENABLE KEYS */;
UNLOCK TABLES;
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

LOCK TABLES `photo_pin` WRITE;
/*!40000 ALTER TABLE `photo_pin` DISABLE KEYS */;
/*!40000 ALTER TABLE `photo_pin` ENABLE KEYS */;
UNLOCK TABLES;
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

LOCK TABLES `pin` WRITE;
/*!40000 ALTER TABLE `pin` DISABLE KEYS */;
INSERT INTO `pin` (`job_id`, `gate`, `state`, `reason`) VALUES (1,'SAFE','PULLED','');
INSERT INTO `pin` (`job_id`, `gate`, `state`, `reason`) VALUES (1,'FOUND','PULLED','');
INSERT INTO `pin` (`job_id`, `gate`, `state`, `reason`) VALUES (1,'PLATE','PULLED','');
INSERT INTO `pin` (`job_id`, `gate`, `state`, `reason`) VALUES (1,'DIAGRAM','PULLED','');
INSERT INTO `pin` (`job_id`, `gate`, `state`, `reason`) VALUES (1,'WINDINGS','PULLED','');
INSERT INTO `pin` (`job_id`, `gate`, `state`, `reason`) VALUES (1,'SUPPLY','PULLED','');
INSERT INTO `pin` (`job_id`, `gate`, `state`, `reason`) VALUES (1,'ROTATION','PULLED','');
INSERT INTO `pin` (`job_id`, `gate`, `state`, `reason`) VALUES (1,'SWITCH','PULLED','');
INSERT INTO `pin` (`job_id`, `gate`, `state`, `reason`) VALUES (2,'SAFE','PULLED','');
INSERT INTO `pin` (`job_id`, `gate`, `state`, `reason`) VALUES (2,'FOUND','PULLED','');
INSERT INTO `pin` (`job_id`, `gate`, `state`, `reason`) VALUES (2,'PLATE','PULLED','');
INSERT INTO `pin` (`job_id`, `gate`, `state`, `reason`) VALUES (2,'DIAGRAM','PULLED','');
INSERT INTO `pin` (`job_id`, `gate`, `state`, `reason`) VALUES (2,'WINDINGS','PULLED','');
INSERT INTO `pin` (`job_id`, `gate`, `state`, `reason`) VALUES (2,'SUPPLY','PULLED','');
INSERT INTO `pin` (`job_id`, `gate`, `state`, `reason`) VALUES (2,'ROTATION','PULLED','');
INSERT INTO `pin` (`job_id`, `gate`, `state`, `reason`) VALUES (2,'SWITCH','PULLED','');
INSERT INTO `pin` (`job_id`, `gate`, `state`, `reason`) VALUES (3,'SAFE','PULLED','');
INSERT INTO `pin` (`job_id`, `gate`, `state`, `reason`) VALUES (3,'FOUND','PULLED','');
INSERT INTO `pin` (`job_id`, `gate`, `state`, `reason`) VALUES (3,'PLATE','PULLED','');
INSERT INTO `pin` (`job_id`, `gate`, `state`, `reason`) VALUES (4,'SAFE','PULLED','');
INSERT INTO `pin` (`job_id`, `gate`, `state`, `reason`) VALUES (4,'FOUND','PULLED','');
INSERT INTO `pin` (`job_id`, `gate`, `state`, `reason`) VALUES (4,'PLATE','PULLED','');
INSERT INTO `pin` (`job_id`, `gate`, `state`, `reason`) VALUES (4,'DIAGRAM','PULLED','');
INSERT INTO `pin` (`job_id`, `gate`, `state`, `reason`) VALUES (4,'WINDINGS','PULLED','');
INSERT INTO `pin` (`job_id`, `gate`, `state`, `reason`) VALUES (4,'SUPPLY','PULLED','');
INSERT INTO `pin` (`job_id`, `gate`, `state`, `reason`) VALUES (4,'ROTATION','PULLED','');
INSERT INTO `pin` (`job_id`, `gate`, `state`, `reason`) VALUES (5,'SAFE','PULLED','');
INSERT INTO `pin` (`job_id`, `gate`, `state`, `reason`) VALUES (5,'FOUND','PULLED','');
INSERT INTO `pin` (`job_id`, `gate`, `state`, `reason`) VALUES (6,'SAFE','PULLED','');
INSERT INTO `pin` (`job_id`, `gate`, `state`, `reason`) VALUES (6,'FOUND','PULLED','');
INSERT INTO `pin` (`job_id`, `gate`, `state`, `reason`) VALUES (6,'PLATE','PULLED','');
INSERT INTO `pin` (`job_id`, `gate`, `state`, `reason`) VALUES (6,'DIAGRAM','PULLED','');
INSERT INTO `pin` (`job_id`, `gate`, `state`, `reason`) VALUES (6,'WINDINGS','PULLED','');
INSERT INTO `pin` (`job_id`, `gate`, `state`, `reason`) VALUES (6,'SUPPLY','PULLED','');
INSERT INTO `pin` (`job_id`, `gate`, `state`, `reason`) VALUES (6,'ROTATION','PULLED','');
INSERT INTO `pin` (`job_id`, `gate`, `state`, `reason`) VALUES (6,'SWITCH','PULLED','');
INSERT INTO `pin` (`job_id`, `gate`, `state`, `reason`) VALUES (7,'SAFE','PULLED','');
INSERT INTO `pin` (`job_id`, `gate`, `state`, `reason`) VALUES (7,'FOUND','PULLED','');
INSERT INTO `pin` (`job_id`, `gate`, `state`, `reason`) VALUES (8,'SAFE','PULLED','');
INSERT INTO `pin` (`job_id`, `gate`, `state`, `reason`) VALUES (8,'FOUND','PULLED','');
INSERT INTO `pin` (`job_id`, `gate`, `state`, `reason`) VALUES (8,'PLATE','PULLED','');
INSERT INTO `pin` (`job_id`, `gate`, `state`, `reason`) VALUES (8,'DIAGRAM','PULLED','');
INSERT INTO `pin` (`job_id`, `gate`, `state`, `reason`) VALUES (8,'WINDINGS','PULLED','');
/*!40000 ALTER TABLE `pin` ENABLE KEYS */;
UNLOCK TABLES;
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
) ENGINE=InnoDB AUTO_INCREMENT=5 DEFAULT CHARSET=utf8mb4 COLLATE=utf8mb4_unicode_520_ci;
/*!40101 SET character_set_client = @saved_cs_client */;

LOCK TABLES `plan` WRITE;
/*!40000 ALTER TABLE `plan` DISABLE KEYS */;
INSERT INTO `plan` (`id`, `job_id`, `name`, `hot_leads_in_off`, `hot_lines_unbroken`, `neutral_switched`, `conductors`, `jumpers`, `most_on_one_terminal`, `chosen_at`, `beside_protector`, `beyond_diagram`) VALUES (1,1,'Three conductors, one jumper',0,0,0,3,1,2,'2026-11-26 02:24:35.765',0,1);
INSERT INTO `plan` (`id`, `job_id`, `name`, `hot_leads_in_off`, `hot_lines_unbroken`, `neutral_switched`, `conductors`, `jumpers`, `most_on_one_terminal`, `chosen_at`, `beside_protector`, `beyond_diagram`) VALUES (2,2,'Four conductors, four jumpers',0,0,0,4,4,2,'2026-11-26 02:24:36.157',0,0);
INSERT INTO `plan` (`id`, `job_id`, `name`, `hot_leads_in_off`, `hot_lines_unbroken`, `neutral_switched`, `conductors`, `jumpers`, `most_on_one_terminal`, `chosen_at`, `beside_protector`, `beyond_diagram`) VALUES (3,6,'Three conductors, one jumper',0,0,0,3,1,2,'2026-11-26 02:24:36.538',0,1);
INSERT INTO `plan` (`id`, `job_id`, `name`, `hot_leads_in_off`, `hot_lines_unbroken`, `neutral_switched`, `conductors`, `jumpers`, `most_on_one_terminal`, `chosen_at`, `beside_protector`, `beyond_diagram`) VALUES (4,9,'Four conductors, four jumpers',0,0,0,4,4,2,'2026-11-26 02:24:59.175',0,0);
/*!40000 ALTER TABLE `plan` ENABLE KEYS */;
UNLOCK TABLES;
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

LOCK TABLES `plan_wish` WRITE;
/*!40000 ALTER TABLE `plan_wish` DISABLE KEYS */;
/*!40000 ALTER TABLE `plan_wish` ENABLE KEYS */;
UNLOCK TABLES;
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

LOCK TABLES `plate_photo` WRITE;
/*!40000 ALTER TABLE `plate_photo` DISABLE KEYS */;
/*!40000 ALTER TABLE `plate_photo` ENABLE KEYS */;
UNLOCK TABLES;
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

LOCK TABLES `reverse_hazard` WRITE;
/*!40000 ALTER TABLE `reverse_hazard` DISABLE KEYS */;
/*!40000 ALTER TABLE `reverse_hazard` ENABLE KEYS */;
UNLOCK TABLES;
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

LOCK TABLES `rotation_plan` WRITE;
/*!40000 ALTER TABLE `rotation_plan` DISABLE KEYS */;
INSERT INTO `rotation_plan` (`job_id`, `motion`, `tool`, `shaft_like_tool`, `both_ways`, `secured`, `coast_seconds`, `momentary`, `version`) VALUES (1,'SEEN','CLOCKWISE',1,1,0,4.0,0,1);
INSERT INTO `rotation_plan` (`job_id`, `motion`, `tool`, `shaft_like_tool`, `both_ways`, `secured`, `coast_seconds`, `momentary`, `version`) VALUES (2,'SEEN','CLOCKWISE',1,1,0,3.0,0,1);
INSERT INTO `rotation_plan` (`job_id`, `motion`, `tool`, `shaft_like_tool`, `both_ways`, `secured`, `coast_seconds`, `momentary`, `version`) VALUES (4,'DRILL','CLOCKWISE',1,1,0,3.0,0,1);
INSERT INTO `rotation_plan` (`job_id`, `motion`, `tool`, `shaft_like_tool`, `both_ways`, `secured`, `coast_seconds`, `momentary`, `version`) VALUES (6,'SEEN','CLOCKWISE',1,1,0,3.0,1,1);
/*!40000 ALTER TABLE `rotation_plan` ENABLE KEYS */;
UNLOCK TABLES;
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

LOCK TABLES `safe_record` WRITE;
/*!40000 ALTER TABLE `safe_record` DISABLE KEYS */;
INSERT INTO `safe_record` (`job_id`, `disconnect`, `note`, `meter_before`, `dead`, `meter_after`, `no_capacitor`) VALUES (1,'PLUG','Plug in my pocket',1,1,1,0);
INSERT INTO `safe_record` (`job_id`, `disconnect`, `note`, `meter_before`, `dead`, `meter_after`, `no_capacitor`) VALUES (2,'LOOSE','',0,0,0,1);
INSERT INTO `safe_record` (`job_id`, `disconnect`, `note`, `meter_before`, `dead`, `meter_after`, `no_capacitor`) VALUES (3,'LOOSE','',0,0,0,1);
INSERT INTO `safe_record` (`job_id`, `disconnect`, `note`, `meter_before`, `dead`, `meter_after`, `no_capacitor`) VALUES (4,'LOOSE','',0,0,0,1);
INSERT INTO `safe_record` (`job_id`, `disconnect`, `note`, `meter_before`, `dead`, `meter_after`, `no_capacitor`) VALUES (5,'LOOSE','',0,0,0,1);
INSERT INTO `safe_record` (`job_id`, `disconnect`, `note`, `meter_before`, `dead`, `meter_after`, `no_capacitor`) VALUES (6,'LOOSE','',0,0,0,1);
INSERT INTO `safe_record` (`job_id`, `disconnect`, `note`, `meter_before`, `dead`, `meter_after`, `no_capacitor`) VALUES (7,'LOOSE','',0,0,0,1);
INSERT INTO `safe_record` (`job_id`, `disconnect`, `note`, `meter_before`, `dead`, `meter_after`, `no_capacitor`) VALUES (8,'LOOSE','',0,0,0,1);
/*!40000 ALTER TABLE `safe_record` ENABLE KEYS */;
UNLOCK TABLES;
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

LOCK TABLES `shop` WRITE;
/*!40000 ALTER TABLE `shop` DISABLE KEYS */;
INSERT INTO `shop` (`id`, `name`, `region`) VALUES (1,'Saltmarsh Orchard','NORTH_AMERICA');
INSERT INTO `shop` (`id`, `name`, `region`) VALUES (2,'Tern Quay Pottery','IEC');
/*!40000 ALTER TABLE `shop` ENABLE KEYS */;
UNLOCK TABLES;
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

LOCK TABLES `shop_outlet` WRITE;
/*!40000 ALTER TABLE `shop_outlet` DISABLE KEYS */;
INSERT INTO `shop_outlet` (`shop_id`, `outlet`) VALUES (1,'NEMA 5-15');
INSERT INTO `shop_outlet` (`shop_id`, `outlet`) VALUES (1,'NEMA 5-20');
INSERT INTO `shop_outlet` (`shop_id`, `outlet`) VALUES (1,'NEMA 6-15');
/*!40000 ALTER TABLE `shop_outlet` ENABLE KEYS */;
UNLOCK TABLES;
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

LOCK TABLES `stud` WRITE;
/*!40000 ALTER TABLE `stud` DISABLE KEYS */;
INSERT INTO `stud` (`motor_id`, `mark`, `face_row`, `face_column`) VALUES (8,'U1',0,0);
INSERT INTO `stud` (`motor_id`, `mark`, `face_row`, `face_column`) VALUES (8,'V1',0,1);
INSERT INTO `stud` (`motor_id`, `mark`, `face_row`, `face_column`) VALUES (8,'U2',1,0);
INSERT INTO `stud` (`motor_id`, `mark`, `face_row`, `face_column`) VALUES (8,'V2',1,1);
/*!40000 ALTER TABLE `stud` ENABLE KEYS */;
UNLOCK TABLES;
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

LOCK TABLES `switch_buzz` WRITE;
/*!40000 ALTER TABLE `switch_buzz` DISABLE KEYS */;
/*!40000 ALTER TABLE `switch_buzz` ENABLE KEYS */;
UNLOCK TABLES;
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

LOCK TABLES `switch_contact` WRITE;
/*!40000 ALTER TABLE `switch_contact` DISABLE KEYS */;
INSERT INTO `switch_contact` (`switch_id`, `position`, `terminal_a`, `terminal_b`) VALUES (1,'FORWARD',1,3);
INSERT INTO `switch_contact` (`switch_id`, `position`, `terminal_a`, `terminal_b`) VALUES (1,'FORWARD',2,4);
INSERT INTO `switch_contact` (`switch_id`, `position`, `terminal_a`, `terminal_b`) VALUES (1,'FORWARD',5,6);
INSERT INTO `switch_contact` (`switch_id`, `position`, `terminal_a`, `terminal_b`) VALUES (1,'REVERSE',1,2);
INSERT INTO `switch_contact` (`switch_id`, `position`, `terminal_a`, `terminal_b`) VALUES (1,'REVERSE',3,4);
INSERT INTO `switch_contact` (`switch_id`, `position`, `terminal_a`, `terminal_b`) VALUES (1,'REVERSE',5,6);
INSERT INTO `switch_contact` (`switch_id`, `position`, `terminal_a`, `terminal_b`) VALUES (2,'FORWARD',7,8);
INSERT INTO `switch_contact` (`switch_id`, `position`, `terminal_a`, `terminal_b`) VALUES (2,'FORWARD',7,9);
INSERT INTO `switch_contact` (`switch_id`, `position`, `terminal_a`, `terminal_b`) VALUES (2,'FORWARD',10,11);
INSERT INTO `switch_contact` (`switch_id`, `position`, `terminal_a`, `terminal_b`) VALUES (2,'FORWARD',11,12);
INSERT INTO `switch_contact` (`switch_id`, `position`, `terminal_a`, `terminal_b`) VALUES (2,'REVERSE',7,8);
INSERT INTO `switch_contact` (`switch_id`, `position`, `terminal_a`, `terminal_b`) VALUES (2,'REVERSE',7,10);
INSERT INTO `switch_contact` (`switch_id`, `position`, `terminal_a`, `terminal_b`) VALUES (2,'REVERSE',9,11);
INSERT INTO `switch_contact` (`switch_id`, `position`, `terminal_a`, `terminal_b`) VALUES (2,'REVERSE',11,12);
INSERT INTO `switch_contact` (`switch_id`, `position`, `terminal_a`, `terminal_b`) VALUES (3,'FORWARD',13,15);
INSERT INTO `switch_contact` (`switch_id`, `position`, `terminal_a`, `terminal_b`) VALUES (3,'FORWARD',14,16);
INSERT INTO `switch_contact` (`switch_id`, `position`, `terminal_a`, `terminal_b`) VALUES (3,'FORWARD',17,18);
INSERT INTO `switch_contact` (`switch_id`, `position`, `terminal_a`, `terminal_b`) VALUES (3,'REVERSE',13,14);
INSERT INTO `switch_contact` (`switch_id`, `position`, `terminal_a`, `terminal_b`) VALUES (3,'REVERSE',15,16);
INSERT INTO `switch_contact` (`switch_id`, `position`, `terminal_a`, `terminal_b`) VALUES (3,'REVERSE',17,18);
INSERT INTO `switch_contact` (`switch_id`, `position`, `terminal_a`, `terminal_b`) VALUES (4,'FORWARD',19,21);
INSERT INTO `switch_contact` (`switch_id`, `position`, `terminal_a`, `terminal_b`) VALUES (4,'FORWARD',20,22);
INSERT INTO `switch_contact` (`switch_id`, `position`, `terminal_a`, `terminal_b`) VALUES (4,'REVERSE',21,23);
INSERT INTO `switch_contact` (`switch_id`, `position`, `terminal_a`, `terminal_b`) VALUES (4,'REVERSE',22,24);
INSERT INTO `switch_contact` (`switch_id`, `position`, `terminal_a`, `terminal_b`) VALUES (5,'FORWARD',25,27);
INSERT INTO `switch_contact` (`switch_id`, `position`, `terminal_a`, `terminal_b`) VALUES (5,'FORWARD',26,28);
INSERT INTO `switch_contact` (`switch_id`, `position`, `terminal_a`, `terminal_b`) VALUES (5,'REVERSE',27,29);
INSERT INTO `switch_contact` (`switch_id`, `position`, `terminal_a`, `terminal_b`) VALUES (5,'REVERSE',28,30);
INSERT INTO `switch_contact` (`switch_id`, `position`, `terminal_a`, `terminal_b`) VALUES (6,'FORWARD',31,33);
INSERT INTO `switch_contact` (`switch_id`, `position`, `terminal_a`, `terminal_b`) VALUES (6,'FORWARD',32,34);
INSERT INTO `switch_contact` (`switch_id`, `position`, `terminal_a`, `terminal_b`) VALUES (6,'REVERSE',33,35);
INSERT INTO `switch_contact` (`switch_id`, `position`, `terminal_a`, `terminal_b`) VALUES (6,'REVERSE',34,36);
INSERT INTO `switch_contact` (`switch_id`, `position`, `terminal_a`, `terminal_b`) VALUES (7,'FORWARD',37,40);
INSERT INTO `switch_contact` (`switch_id`, `position`, `terminal_a`, `terminal_b`) VALUES (7,'FORWARD',38,41);
INSERT INTO `switch_contact` (`switch_id`, `position`, `terminal_a`, `terminal_b`) VALUES (7,'FORWARD',39,42);
INSERT INTO `switch_contact` (`switch_id`, `position`, `terminal_a`, `terminal_b`) VALUES (7,'REVERSE',40,43);
INSERT INTO `switch_contact` (`switch_id`, `position`, `terminal_a`, `terminal_b`) VALUES (7,'REVERSE',41,44);
INSERT INTO `switch_contact` (`switch_id`, `position`, `terminal_a`, `terminal_b`) VALUES (7,'REVERSE',42,45);
INSERT INTO `switch_contact` (`switch_id`, `position`, `terminal_a`, `terminal_b`) VALUES (8,'FORWARD',46,49);
INSERT INTO `switch_contact` (`switch_id`, `position`, `terminal_a`, `terminal_b`) VALUES (8,'FORWARD',47,50);
INSERT INTO `switch_contact` (`switch_id`, `position`, `terminal_a`, `terminal_b`) VALUES (8,'FORWARD',48,51);
INSERT INTO `switch_contact` (`switch_id`, `position`, `terminal_a`, `terminal_b`) VALUES (8,'REVERSE',49,52);
INSERT INTO `switch_contact` (`switch_id`, `position`, `terminal_a`, `terminal_b`) VALUES (8,'REVERSE',50,53);
INSERT INTO `switch_contact` (`switch_id`, `position`, `terminal_a`, `terminal_b`) VALUES (8,'REVERSE',51,54);
INSERT INTO `switch_contact` (`switch_id`, `position`, `terminal_a`, `terminal_b`) VALUES (9,'FORWARD',55,58);
INSERT INTO `switch_contact` (`switch_id`, `position`, `terminal_a`, `terminal_b`) VALUES (9,'FORWARD',56,59);
INSERT INTO `switch_contact` (`switch_id`, `position`, `terminal_a`, `terminal_b`) VALUES (9,'FORWARD',57,60);
INSERT INTO `switch_contact` (`switch_id`, `position`, `terminal_a`, `terminal_b`) VALUES (9,'REVERSE',58,61);
INSERT INTO `switch_contact` (`switch_id`, `position`, `terminal_a`, `terminal_b`) VALUES (9,'REVERSE',59,62);
INSERT INTO `switch_contact` (`switch_id`, `position`, `terminal_a`, `terminal_b`) VALUES (9,'REVERSE',60,63);
INSERT INTO `switch_contact` (`switch_id`, `position`, `terminal_a`, `terminal_b`) VALUES (10,'FORWARD',64,68);
INSERT INTO `switch_contact` (`switch_id`, `position`, `terminal_a`, `terminal_b`) VALUES (10,'FORWARD',65,69);
INSERT INTO `switch_contact` (`switch_id`, `position`, `terminal_a`, `terminal_b`) VALUES (10,'FORWARD',66,70);
INSERT INTO `switch_contact` (`switch_id`, `position`, `terminal_a`, `terminal_b`) VALUES (10,'FORWARD',67,71);
INSERT INTO `switch_contact` (`switch_id`, `position`, `terminal_a`, `terminal_b`) VALUES (10,'REVERSE',68,72);
INSERT INTO `switch_contact` (`switch_id`, `position`, `terminal_a`, `terminal_b`) VALUES (10,'REVERSE',69,73);
INSERT INTO `switch_contact` (`switch_id`, `position`, `terminal_a`, `terminal_b`) VALUES (10,'REVERSE',70,74);
INSERT INTO `switch_contact` (`switch_id`, `position`, `terminal_a`, `terminal_b`) VALUES (10,'REVERSE',71,75);
INSERT INTO `switch_contact` (`switch_id`, `position`, `terminal_a`, `terminal_b`) VALUES (11,'FORWARD',76,80);
INSERT INTO `switch_contact` (`switch_id`, `position`, `terminal_a`, `terminal_b`) VALUES (11,'FORWARD',77,81);
INSERT INTO `switch_contact` (`switch_id`, `position`, `terminal_a`, `terminal_b`) VALUES (11,'FORWARD',78,82);
INSERT INTO `switch_contact` (`switch_id`, `position`, `terminal_a`, `terminal_b`) VALUES (11,'FORWARD',79,83);
INSERT INTO `switch_contact` (`switch_id`, `position`, `terminal_a`, `terminal_b`) VALUES (11,'REVERSE',80,84);
INSERT INTO `switch_contact` (`switch_id`, `position`, `terminal_a`, `terminal_b`) VALUES (11,'REVERSE',81,85);
INSERT INTO `switch_contact` (`switch_id`, `position`, `terminal_a`, `terminal_b`) VALUES (11,'REVERSE',82,86);
INSERT INTO `switch_contact` (`switch_id`, `position`, `terminal_a`, `terminal_b`) VALUES (11,'REVERSE',83,87);
INSERT INTO `switch_contact` (`switch_id`, `position`, `terminal_a`, `terminal_b`) VALUES (12,'FORWARD',88,89);
INSERT INTO `switch_contact` (`switch_id`, `position`, `terminal_a`, `terminal_b`) VALUES (12,'FORWARD',90,91);
INSERT INTO `switch_contact` (`switch_id`, `position`, `terminal_a`, `terminal_b`) VALUES (12,'REVERSE',92,93);
INSERT INTO `switch_contact` (`switch_id`, `position`, `terminal_a`, `terminal_b`) VALUES (12,'REVERSE',94,95);
INSERT INTO `switch_contact` (`switch_id`, `position`, `terminal_a`, `terminal_b`) VALUES (13,'FORWARD',96,97);
INSERT INTO `switch_contact` (`switch_id`, `position`, `terminal_a`, `terminal_b`) VALUES (13,'FORWARD',98,99);
INSERT INTO `switch_contact` (`switch_id`, `position`, `terminal_a`, `terminal_b`) VALUES (13,'FORWARD',104,105);
INSERT INTO `switch_contact` (`switch_id`, `position`, `terminal_a`, `terminal_b`) VALUES (13,'REVERSE',100,101);
INSERT INTO `switch_contact` (`switch_id`, `position`, `terminal_a`, `terminal_b`) VALUES (13,'REVERSE',102,103);
INSERT INTO `switch_contact` (`switch_id`, `position`, `terminal_a`, `terminal_b`) VALUES (13,'REVERSE',104,105);
INSERT INTO `switch_contact` (`switch_id`, `position`, `terminal_a`, `terminal_b`) VALUES (14,'FORWARD',106,107);
INSERT INTO `switch_contact` (`switch_id`, `position`, `terminal_a`, `terminal_b`) VALUES (14,'FORWARD',108,109);
INSERT INTO `switch_contact` (`switch_id`, `position`, `terminal_a`, `terminal_b`) VALUES (14,'FORWARD',114,115);
INSERT INTO `switch_contact` (`switch_id`, `position`, `terminal_a`, `terminal_b`) VALUES (14,'FORWARD',116,117);
INSERT INTO `switch_contact` (`switch_id`, `position`, `terminal_a`, `terminal_b`) VALUES (14,'REVERSE',110,111);
INSERT INTO `switch_contact` (`switch_id`, `position`, `terminal_a`, `terminal_b`) VALUES (14,'REVERSE',112,113);
INSERT INTO `switch_contact` (`switch_id`, `position`, `terminal_a`, `terminal_b`) VALUES (14,'REVERSE',114,115);
INSERT INTO `switch_contact` (`switch_id`, `position`, `terminal_a`, `terminal_b`) VALUES (14,'REVERSE',116,117);
INSERT INTO `switch_contact` (`switch_id`, `position`, `terminal_a`, `terminal_b`) VALUES (15,'FORWARD',118,119);
INSERT INTO `switch_contact` (`switch_id`, `position`, `terminal_a`, `terminal_b`) VALUES (15,'FORWARD',120,121);
INSERT INTO `switch_contact` (`switch_id`, `position`, `terminal_a`, `terminal_b`) VALUES (15,'FORWARD',122,124);
INSERT INTO `switch_contact` (`switch_id`, `position`, `terminal_a`, `terminal_b`) VALUES (15,'FORWARD',123,125);
INSERT INTO `switch_contact` (`switch_id`, `position`, `terminal_a`, `terminal_b`) VALUES (15,'REVERSE',118,119);
INSERT INTO `switch_contact` (`switch_id`, `position`, `terminal_a`, `terminal_b`) VALUES (15,'REVERSE',120,121);
INSERT INTO `switch_contact` (`switch_id`, `position`, `terminal_a`, `terminal_b`) VALUES (15,'REVERSE',122,125);
INSERT INTO `switch_contact` (`switch_id`, `position`, `terminal_a`, `terminal_b`) VALUES (15,'REVERSE',123,124);
INSERT INTO `switch_contact` (`switch_id`, `position`, `terminal_a`, `terminal_b`) VALUES (16,'FORWARD',126,128);
INSERT INTO `switch_contact` (`switch_id`, `position`, `terminal_a`, `terminal_b`) VALUES (16,'FORWARD',127,129);
INSERT INTO `switch_contact` (`switch_id`, `position`, `terminal_a`, `terminal_b`) VALUES (16,'FORWARD',130,131);
INSERT INTO `switch_contact` (`switch_id`, `position`, `terminal_a`, `terminal_b`) VALUES (16,'REVERSE',126,127);
INSERT INTO `switch_contact` (`switch_id`, `position`, `terminal_a`, `terminal_b`) VALUES (16,'REVERSE',128,129);
INSERT INTO `switch_contact` (`switch_id`, `position`, `terminal_a`, `terminal_b`) VALUES (16,'REVERSE',130,131);
INSERT INTO `switch_contact` (`switch_id`, `position`, `terminal_a`, `terminal_b`) VALUES (17,'FORWARD',132,133);
INSERT INTO `switch_contact` (`switch_id`, `position`, `terminal_a`, `terminal_b`) VALUES (17,'FORWARD',132,134);
INSERT INTO `switch_contact` (`switch_id`, `position`, `terminal_a`, `terminal_b`) VALUES (17,'FORWARD',135,136);
INSERT INTO `switch_contact` (`switch_id`, `position`, `terminal_a`, `terminal_b`) VALUES (17,'FORWARD',136,137);
INSERT INTO `switch_contact` (`switch_id`, `position`, `terminal_a`, `terminal_b`) VALUES (17,'REVERSE',132,133);
INSERT INTO `switch_contact` (`switch_id`, `position`, `terminal_a`, `terminal_b`) VALUES (17,'REVERSE',132,135);
INSERT INTO `switch_contact` (`switch_id`, `position`, `terminal_a`, `terminal_b`) VALUES (17,'REVERSE',134,136);
INSERT INTO `switch_contact` (`switch_id`, `position`, `terminal_a`, `terminal_b`) VALUES (17,'REVERSE',136,137);
INSERT INTO `switch_contact` (`switch_id`, `position`, `terminal_a`, `terminal_b`) VALUES (18,'FORWARD',138,140);
INSERT INTO `switch_contact` (`switch_id`, `position`, `terminal_a`, `terminal_b`) VALUES (18,'FORWARD',139,141);
INSERT INTO `switch_contact` (`switch_id`, `position`, `terminal_a`, `terminal_b`) VALUES (18,'FORWARD',142,143);
INSERT INTO `switch_contact` (`switch_id`, `position`, `terminal_a`, `terminal_b`) VALUES (18,'REVERSE',138,139);
INSERT INTO `switch_contact` (`switch_id`, `position`, `terminal_a`, `terminal_b`) VALUES (18,'REVERSE',140,141);
INSERT INTO `switch_contact` (`switch_id`, `position`, `terminal_a`, `terminal_b`) VALUES (18,'REVERSE',142,143);
INSERT INTO `switch_contact` (`switch_id`, `position`, `terminal_a`, `terminal_b`) VALUES (19,'FORWARD',144,146);
INSERT INTO `switch_contact` (`switch_id`, `position`, `terminal_a`, `terminal_b`) VALUES (19,'FORWARD',145,147);
INSERT INTO `switch_contact` (`switch_id`, `position`, `terminal_a`, `terminal_b`) VALUES (19,'REVERSE',146,148);
INSERT INTO `switch_contact` (`switch_id`, `position`, `terminal_a`, `terminal_b`) VALUES (19,'REVERSE',147,149);
INSERT INTO `switch_contact` (`switch_id`, `position`, `terminal_a`, `terminal_b`) VALUES (20,'FORWARD',150,152);
INSERT INTO `switch_contact` (`switch_id`, `position`, `terminal_a`, `terminal_b`) VALUES (20,'FORWARD',151,153);
INSERT INTO `switch_contact` (`switch_id`, `position`, `terminal_a`, `terminal_b`) VALUES (20,'REVERSE',152,154);
INSERT INTO `switch_contact` (`switch_id`, `position`, `terminal_a`, `terminal_b`) VALUES (20,'REVERSE',153,155);
INSERT INTO `switch_contact` (`switch_id`, `position`, `terminal_a`, `terminal_b`) VALUES (21,'FORWARD',156,158);
INSERT INTO `switch_contact` (`switch_id`, `position`, `terminal_a`, `terminal_b`) VALUES (21,'FORWARD',157,159);
INSERT INTO `switch_contact` (`switch_id`, `position`, `terminal_a`, `terminal_b`) VALUES (21,'REVERSE',158,160);
INSERT INTO `switch_contact` (`switch_id`, `position`, `terminal_a`, `terminal_b`) VALUES (21,'REVERSE',159,161);
INSERT INTO `switch_contact` (`switch_id`, `position`, `terminal_a`, `terminal_b`) VALUES (22,'FORWARD',162,165);
INSERT INTO `switch_contact` (`switch_id`, `position`, `terminal_a`, `terminal_b`) VALUES (22,'FORWARD',163,166);
INSERT INTO `switch_contact` (`switch_id`, `position`, `terminal_a`, `terminal_b`) VALUES (22,'FORWARD',164,167);
INSERT INTO `switch_contact` (`switch_id`, `position`, `terminal_a`, `terminal_b`) VALUES (22,'REVERSE',165,168);
INSERT INTO `switch_contact` (`switch_id`, `position`, `terminal_a`, `terminal_b`) VALUES (22,'REVERSE',166,169);
INSERT INTO `switch_contact` (`switch_id`, `position`, `terminal_a`, `terminal_b`) VALUES (22,'REVERSE',167,170);
INSERT INTO `switch_contact` (`switch_id`, `position`, `terminal_a`, `terminal_b`) VALUES (23,'FORWARD',171,174);
INSERT INTO `switch_contact` (`switch_id`, `position`, `terminal_a`, `terminal_b`) VALUES (23,'FORWARD',172,175);
INSERT INTO `switch_contact` (`switch_id`, `position`, `terminal_a`, `terminal_b`) VALUES (23,'FORWARD',173,176);
INSERT INTO `switch_contact` (`switch_id`, `position`, `terminal_a`, `terminal_b`) VALUES (23,'REVERSE',174,177);
INSERT INTO `switch_contact` (`switch_id`, `position`, `terminal_a`, `terminal_b`) VALUES (23,'REVERSE',175,178);
INSERT INTO `switch_contact` (`switch_id`, `position`, `terminal_a`, `terminal_b`) VALUES (23,'REVERSE',176,179);
INSERT INTO `switch_contact` (`switch_id`, `position`, `terminal_a`, `terminal_b`) VALUES (24,'FORWARD',180,183);
INSERT INTO `switch_contact` (`switch_id`, `position`, `terminal_a`, `terminal_b`) VALUES (24,'FORWARD',181,184);
INSERT INTO `switch_contact` (`switch_id`, `position`, `terminal_a`, `terminal_b`) VALUES (24,'FORWARD',182,185);
INSERT INTO `switch_contact` (`switch_id`, `position`, `terminal_a`, `terminal_b`) VALUES (24,'REVERSE',183,186);
INSERT INTO `switch_contact` (`switch_id`, `position`, `terminal_a`, `terminal_b`) VALUES (24,'REVERSE',184,187);
INSERT INTO `switch_contact` (`switch_id`, `position`, `terminal_a`, `terminal_b`) VALUES (24,'REVERSE',185,188);
INSERT INTO `switch_contact` (`switch_id`, `position`, `terminal_a`, `terminal_b`) VALUES (25,'FORWARD',189,193);
INSERT INTO `switch_contact` (`switch_id`, `position`, `terminal_a`, `terminal_b`) VALUES (25,'FORWARD',190,194);
INSERT INTO `switch_contact` (`switch_id`, `position`, `terminal_a`, `terminal_b`) VALUES (25,'FORWARD',191,195);
INSERT INTO `switch_contact` (`switch_id`, `position`, `terminal_a`, `terminal_b`) VALUES (25,'FORWARD',192,196);
INSERT INTO `switch_contact` (`switch_id`, `position`, `terminal_a`, `terminal_b`) VALUES (25,'REVERSE',193,197);
INSERT INTO `switch_contact` (`switch_id`, `position`, `terminal_a`, `terminal_b`) VALUES (25,'REVERSE',194,198);
INSERT INTO `switch_contact` (`switch_id`, `position`, `terminal_a`, `terminal_b`) VALUES (25,'REVERSE',195,199);
INSERT INTO `switch_contact` (`switch_id`, `position`, `terminal_a`, `terminal_b`) VALUES (25,'REVERSE',196,200);
INSERT INTO `switch_contact` (`switch_id`, `position`, `terminal_a`, `terminal_b`) VALUES (26,'FORWARD',201,205);
INSERT INTO `switch_contact` (`switch_id`, `position`, `terminal_a`, `terminal_b`) VALUES (26,'FORWARD',202,206);
INSERT INTO `switch_contact` (`switch_id`, `position`, `terminal_a`, `terminal_b`) VALUES (26,'FORWARD',203,207);
INSERT INTO `switch_contact` (`switch_id`, `position`, `terminal_a`, `terminal_b`) VALUES (26,'FORWARD',204,208);
INSERT INTO `switch_contact` (`switch_id`, `position`, `terminal_a`, `terminal_b`) VALUES (26,'REVERSE',205,209);
INSERT INTO `switch_contact` (`switch_id`, `position`, `terminal_a`, `terminal_b`) VALUES (26,'REVERSE',206,210);
INSERT INTO `switch_contact` (`switch_id`, `position`, `terminal_a`, `terminal_b`) VALUES (26,'REVERSE',207,211);
INSERT INTO `switch_contact` (`switch_id`, `position`, `terminal_a`, `terminal_b`) VALUES (26,'REVERSE',208,212);
INSERT INTO `switch_contact` (`switch_id`, `position`, `terminal_a`, `terminal_b`) VALUES (27,'FORWARD',213,214);
INSERT INTO `switch_contact` (`switch_id`, `position`, `terminal_a`, `terminal_b`) VALUES (27,'FORWARD',215,216);
INSERT INTO `switch_contact` (`switch_id`, `position`, `terminal_a`, `terminal_b`) VALUES (27,'REVERSE',217,218);
INSERT INTO `switch_contact` (`switch_id`, `position`, `terminal_a`, `terminal_b`) VALUES (27,'REVERSE',219,220);
INSERT INTO `switch_contact` (`switch_id`, `position`, `terminal_a`, `terminal_b`) VALUES (28,'FORWARD',221,222);
INSERT INTO `switch_contact` (`switch_id`, `position`, `terminal_a`, `terminal_b`) VALUES (28,'FORWARD',223,224);
INSERT INTO `switch_contact` (`switch_id`, `position`, `terminal_a`, `terminal_b`) VALUES (28,'FORWARD',229,230);
INSERT INTO `switch_contact` (`switch_id`, `position`, `terminal_a`, `terminal_b`) VALUES (28,'REVERSE',225,226);
INSERT INTO `switch_contact` (`switch_id`, `position`, `terminal_a`, `terminal_b`) VALUES (28,'REVERSE',227,228);
INSERT INTO `switch_contact` (`switch_id`, `position`, `terminal_a`, `terminal_b`) VALUES (28,'REVERSE',229,230);
INSERT INTO `switch_contact` (`switch_id`, `position`, `terminal_a`, `terminal_b`) VALUES (29,'FORWARD',231,232);
INSERT INTO `switch_contact` (`switch_id`, `position`, `terminal_a`, `terminal_b`) VALUES (29,'FORWARD',233,234);
INSERT INTO `switch_contact` (`switch_id`, `position`, `terminal_a`, `terminal_b`) VALUES (29,'FORWARD',239,240);
INSERT INTO `switch_contact` (`switch_id`, `position`, `terminal_a`, `terminal_b`) VALUES (29,'FORWARD',241,242);
INSERT INTO `switch_contact` (`switch_id`, `position`, `terminal_a`, `terminal_b`) VALUES (29,'REVERSE',235,236);
INSERT INTO `switch_contact` (`switch_id`, `position`, `terminal_a`, `terminal_b`) VALUES (29,'REVERSE',237,238);
INSERT INTO `switch_contact` (`switch_id`, `position`, `terminal_a`, `terminal_b`) VALUES (29,'REVERSE',239,240);
INSERT INTO `switch_contact` (`switch_id`, `position`, `terminal_a`, `terminal_b`) VALUES (29,'REVERSE',241,242);
INSERT INTO `switch_contact` (`switch_id`, `position`, `terminal_a`, `terminal_b`) VALUES (30,'FORWARD',243,244);
INSERT INTO `switch_contact` (`switch_id`, `position`, `terminal_a`, `terminal_b`) VALUES (30,'FORWARD',245,246);
INSERT INTO `switch_contact` (`switch_id`, `position`, `terminal_a`, `terminal_b`) VALUES (30,'FORWARD',247,249);
INSERT INTO `switch_contact` (`switch_id`, `position`, `terminal_a`, `terminal_b`) VALUES (30,'FORWARD',248,250);
INSERT INTO `switch_contact` (`switch_id`, `position`, `terminal_a`, `terminal_b`) VALUES (30,'REVERSE',243,244);
INSERT INTO `switch_contact` (`switch_id`, `position`, `terminal_a`, `terminal_b`) VALUES (30,'REVERSE',245,246);
INSERT INTO `switch_contact` (`switch_id`, `position`, `terminal_a`, `terminal_b`) VALUES (30,'REVERSE',247,250);
INSERT INTO `switch_contact` (`switch_id`, `position`, `terminal_a`, `terminal_b`) VALUES (30,'REVERSE',248,249);
/*!40000 ALTER TABLE `switch_contact` ENABLE KEYS */;
UNLOCK TABLES;
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

LOCK TABLES `switch_device` WRITE;
/*!40000 ALTER TABLE `switch_device` DISABLE KEYS */;
INSERT INTO `switch_device` (`id`, `shop_id`, `kind`, `name`, `hint`, `spring_return`, `has_off`) VALUES (1,1,'cross-corner-drum','Cross-corner drum','Six terminals in three rows. The upper four cross over, the lower pair is on both ways.',0,1);
INSERT INTO `switch_device` (`id`, `shop_id`, `kind`, `name`, `hint`, `spring_return`, `has_off`) VALUES (2,1,'centre-swap-drum','Centre-swap drum','Six terminals in two columns. Top pair and bottom pair each take one centre, the other way the other.',0,1);
INSERT INTO `switch_device` (`id`, `shop_id`, `kind`, `name`, `hint`, `spring_return`, `has_off`) VALUES (3,1,'cross-corner-drum-spring','Cross-corner drum, spring return','As the cross-corner drum, but the handle springs back to the middle.',1,1);
INSERT INTO `switch_device` (`id`, `shop_id`, `kind`, `name`, `hint`, `spring_return`, `has_off`) VALUES (4,1,'dpdt-centre-off','DPDT toggle, centre off','Six terminals, the commons in the middle row.',0,1);
INSERT INTO `switch_device` (`id`, `shop_id`, `kind`, `name`, `hint`, `spring_return`, `has_off`) VALUES (5,1,'dpdt-straight-across','DPDT toggle, no centre','Six terminals, the commons in the middle row; the handle rests on one side or the other.',0,0);
INSERT INTO `switch_device` (`id`, `shop_id`, `kind`, `name`, `hint`, `spring_return`, `has_off`) VALUES (6,1,'dpdt-spring','DPDT toggle, spring return','Six terminals, the commons in the middle row; the handle springs back from both sides.',1,1);
INSERT INTO `switch_device` (`id`, `shop_id`, `kind`, `name`, `hint`, `spring_return`, `has_off`) VALUES (7,1,'tpdt-centre-off','3PDT toggle, centre off','Nine terminals, the commons in the middle row.',0,1);
INSERT INTO `switch_device` (`id`, `shop_id`, `kind`, `name`, `hint`, `spring_return`, `has_off`) VALUES (8,1,'tpdt-straight-across','3PDT toggle, no centre','Nine terminals, the commons in the middle row; the handle rests on one side or the other.',0,0);
INSERT INTO `switch_device` (`id`, `shop_id`, `kind`, `name`, `hint`, `spring_return`, `has_off`) VALUES (9,1,'tpdt-spring','3PDT toggle, spring return','Nine terminals, the commons in the middle row; the handle springs back from both sides.',1,1);
INSERT INTO `switch_device` (`id`, `shop_id`, `kind`, `name`, `hint`, `spring_return`, `has_off`) VALUES (10,1,'4pdt-centre-off','4PDT toggle, centre off','Twelve terminals, the commons in the middle row.',0,1);
INSERT INTO `switch_device` (`id`, `shop_id`, `kind`, `name`, `hint`, `spring_return`, `has_off`) VALUES (11,1,'4pdt-straight-across','4PDT toggle, no centre','Twelve terminals, the commons in the middle row; the handle rests on one side or the other.',0,0);
INSERT INTO `switch_device` (`id`, `shop_id`, `kind`, `name`, `hint`, `spring_return`, `has_off`) VALUES (12,1,'cam-8','Cam switch, 8 terminals','Four pairs side by side: two close one way, two the other way.',0,1);
INSERT INTO `switch_device` (`id`, `shop_id`, `kind`, `name`, `hint`, `spring_return`, `has_off`) VALUES (13,1,'cam-10','Cam switch, 10 terminals','Five pairs side by side: two close one way, two the other way, one both ways.',0,1);
INSERT INTO `switch_device` (`id`, `shop_id`, `kind`, `name`, `hint`, `spring_return`, `has_off`) VALUES (14,1,'cam-12','Cam switch, 12 terminals','Six pairs side by side: two close one way, two the other way, two both ways.',0,1);
INSERT INTO `switch_device` (`id`, `shop_id`, `kind`, `name`, `hint`, `spring_return`, `has_off`) VALUES (15,1,'two-tier','Two-tier switch','Upper deck on and off, lower deck crosses a pair over. Links join the decks; they come out unless the plan uses them.',0,1);
INSERT INTO `switch_device` (`id`, `shop_id`, `kind`, `name`, `hint`, `spring_return`, `has_off`) VALUES (16,2,'cross-corner-drum','Cross-corner drum','Six terminals in three rows. The upper four cross over, the lower pair is on both ways.',0,1);
INSERT INTO `switch_device` (`id`, `shop_id`, `kind`, `name`, `hint`, `spring_return`, `has_off`) VALUES (17,2,'centre-swap-drum','Centre-swap drum','Six terminals in two columns. Top pair and bottom pair each take one centre, the other way the other.',0,1);
INSERT INTO `switch_device` (`id`, `shop_id`, `kind`, `name`, `hint`, `spring_return`, `has_off`) VALUES (18,2,'cross-corner-drum-spring','Cross-corner drum, spring return','As the cross-corner drum, but the handle springs back to the middle.',1,1);
INSERT INTO `switch_device` (`id`, `shop_id`, `kind`, `name`, `hint`, `spring_return`, `has_off`) VALUES (19,2,'dpdt-centre-off','DPDT toggle, centre off','Six terminals, the commons in the middle row.',0,1);
INSERT INTO `switch_device` (`id`, `shop_id`, `kind`, `name`, `hint`, `spring_return`, `has_off`) VALUES (20,2,'dpdt-straight-across','DPDT toggle, no centre','Six terminals, the commons in the middle row; the handle rests on one side or the other.',0,0);
INSERT INTO `switch_device` (`id`, `shop_id`, `kind`, `name`, `hint`, `spring_return`, `has_off`) VALUES (21,2,'dpdt-spring','DPDT toggle, spring return','Six terminals, the commons in the middle row; the handle springs back from both sides.',1,1);
INSERT INTO `switch_device` (`id`, `shop_id`, `kind`, `name`, `hint`, `spring_return`, `has_off`) VALUES (22,2,'tpdt-centre-off','3PDT toggle, centre off','Nine terminals, the commons in the middle row.',0,1);
INSERT INTO `switch_device` (`id`, `shop_id`, `kind`, `name`, `hint`, `spring_return`, `has_off`) VALUES (23,2,'tpdt-straight-across','3PDT toggle, no centre','Nine terminals, the commons in the middle row; the handle rests on one side or the other.',0,0);
INSERT INTO `switch_device` (`id`, `shop_id`, `kind`, `name`, `hint`, `spring_return`, `has_off`) VALUES (24,2,'tpdt-spring','3PDT toggle, spring return','Nine terminals, the commons in the middle row; the handle springs back from both sides.',1,1);
INSERT INTO `switch_device` (`id`, `shop_id`, `kind`, `name`, `hint`, `spring_return`, `has_off`) VALUES (25,2,'4pdt-centre-off','4PDT toggle, centre off','Twelve terminals, the commons in the middle row.',0,1);
INSERT INTO `switch_device` (`id`, `shop_id`, `kind`, `name`, `hint`, `spring_return`, `has_off`) VALUES (26,2,'4pdt-straight-across','4PDT toggle, no centre','Twelve terminals, the commons in the middle row; the handle rests on one side or the other.',0,0);
INSERT INTO `switch_device` (`id`, `shop_id`, `kind`, `name`, `hint`, `spring_return`, `has_off`) VALUES (27,2,'cam-8','Cam switch, 8 terminals','Four pairs side by side: two close one way, two the other way.',0,1);
INSERT INTO `switch_device` (`id`, `shop_id`, `kind`, `name`, `hint`, `spring_return`, `has_off`) VALUES (28,2,'cam-10','Cam switch, 10 terminals','Five pairs side by side: two close one way, two the other way, one both ways.',0,1);
INSERT INTO `switch_device` (`id`, `shop_id`, `kind`, `name`, `hint`, `spring_return`, `has_off`) VALUES (29,2,'cam-12','Cam switch, 12 terminals','Six pairs side by side: two close one way, two the other way, two both ways.',0,1);
INSERT INTO `switch_device` (`id`, `shop_id`, `kind`, `name`, `hint`, `spring_return`, `has_off`) VALUES (30,2,'two-tier','Two-tier switch','Upper deck on and off, lower deck crosses a pair over. Links join the decks; they come out unless the plan uses them.',0,1);
/*!40000 ALTER TABLE `switch_device` ENABLE KEYS */;
UNLOCK TABLES;
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

LOCK TABLES `switch_link` WRITE;
/*!40000 ALTER TABLE `switch_link` DISABLE KEYS */;
INSERT INTO `switch_link` (`switch_id`, `terminal_a`, `terminal_b`) VALUES (15,119,122);
INSERT INTO `switch_link` (`switch_id`, `terminal_a`, `terminal_b`) VALUES (15,121,123);
INSERT INTO `switch_link` (`switch_id`, `terminal_a`, `terminal_b`) VALUES (30,244,247);
INSERT INTO `switch_link` (`switch_id`, `terminal_a`, `terminal_b`) VALUES (30,246,248);
/*!40000 ALTER TABLE `switch_link` ENABLE KEYS */;
UNLOCK TABLES;
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

LOCK TABLES `switch_map` WRITE;
/*!40000 ALTER TABLE `switch_map` DISABLE KEYS */;
INSERT INTO `switch_map` (`id`, `job_id`, `name`, `face`, `has_off`, `spring_return`, `pairs_only`, `links`, `version`) VALUES (1,4,'Cam switch, drill','1 2 3 4 5 6 / 7 8 9 10 11 12',1,0,1,'',1);
/*!40000 ALTER TABLE `switch_map` ENABLE KEYS */;
UNLOCK TABLES;
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

LOCK TABLES `switch_terminal` WRITE;
/*!40000 ALTER TABLE `switch_terminal` DISABLE KEYS */;
INSERT INTO `switch_terminal` (`id`, `switch_id`, `mark`, `face_row`, `face_column`, `worn`) VALUES (1,1,'1',0,0,0);
INSERT INTO `switch_terminal` (`id`, `switch_id`, `mark`, `face_row`, `face_column`, `worn`) VALUES (2,1,'2',0,1,0);
INSERT INTO `switch_terminal` (`id`, `switch_id`, `mark`, `face_row`, `face_column`, `worn`) VALUES (3,1,'3',1,0,0);
INSERT INTO `switch_terminal` (`id`, `switch_id`, `mark`, `face_row`, `face_column`, `worn`) VALUES (4,1,'4',1,1,0);
INSERT INTO `switch_terminal` (`id`, `switch_id`, `mark`, `face_row`, `face_column`, `worn`) VALUES (5,1,'5',2,0,0);
INSERT INTO `switch_terminal` (`id`, `switch_id`, `mark`, `face_row`, `face_column`, `worn`) VALUES (6,1,'6',2,1,0);
INSERT INTO `switch_terminal` (`id`, `switch_id`, `mark`, `face_row`, `face_column`, `worn`) VALUES (7,2,'1',0,0,0);
INSERT INTO `switch_terminal` (`id`, `switch_id`, `mark`, `face_row`, `face_column`, `worn`) VALUES (8,2,'2',0,1,0);
INSERT INTO `switch_terminal` (`id`, `switch_id`, `mark`, `face_row`, `face_column`, `worn`) VALUES (9,2,'3',1,0,0);
INSERT INTO `switch_terminal` (`id`, `switch_id`, `mark`, `face_row`, `face_column`, `worn`) VALUES (10,2,'4',1,1,0);
INSERT INTO `switch_terminal` (`id`, `switch_id`, `mark`, `face_row`, `face_column`, `worn`) VALUES (11,2,'5',2,0,0);
INSERT INTO `switch_terminal` (`id`, `switch_id`, `mark`, `face_row`, `face_column`, `worn`) VALUES (12,2,'6',2,1,0);
INSERT INTO `switch_terminal` (`id`, `switch_id`, `mark`, `face_row`, `face_column`, `worn`) VALUES (13,3,'1',0,0,0);
INSERT INTO `switch_terminal` (`id`, `switch_id`, `mark`, `face_row`, `face_column`, `worn`) VALUES (14,3,'2',0,1,0);
INSERT INTO `switch_terminal` (`id`, `switch_id`, `mark`, `face_row`, `face_column`, `worn`) VALUES (15,3,'3',1,0,0);
INSERT INTO `switch_terminal` (`id`, `switch_id`, `mark`, `face_row`, `face_column`, `worn`) VALUES (16,3,'4',1,1,0);
INSERT INTO `switch_terminal` (`id`, `switch_id`, `mark`, `face_row`, `face_column`, `worn`) VALUES (17,3,'5',2,0,0);
INSERT INTO `switch_terminal` (`id`, `switch_id`, `mark`, `face_row`, `face_column`, `worn`) VALUES (18,3,'6',2,1,0);
INSERT INTO `switch_terminal` (`id`, `switch_id`, `mark`, `face_row`, `face_column`, `worn`) VALUES (19,4,'1',0,0,0);
INSERT INTO `switch_terminal` (`id`, `switch_id`, `mark`, `face_row`, `face_column`, `worn`) VALUES (20,4,'2',0,1,0);
INSERT INTO `switch_terminal` (`id`, `switch_id`, `mark`, `face_row`, `face_column`, `worn`) VALUES (21,4,'3',1,0,0);
INSERT INTO `switch_terminal` (`id`, `switch_id`, `mark`, `face_row`, `face_column`, `worn`) VALUES (22,4,'4',1,1,0);
INSERT INTO `switch_terminal` (`id`, `switch_id`, `mark`, `face_row`, `face_column`, `worn`) VALUES (23,4,'5',2,0,0);
INSERT INTO `switch_terminal` (`id`, `switch_id`, `mark`, `face_row`, `face_column`, `worn`) VALUES (24,4,'6',2,1,0);
INSERT INTO `switch_terminal` (`id`, `switch_id`, `mark`, `face_row`, `face_column`, `worn`) VALUES (25,5,'1',0,0,0);
INSERT INTO `switch_terminal` (`id`, `switch_id`, `mark`, `face_row`, `face_column`, `worn`) VALUES (26,5,'2',0,1,0);
INSERT INTO `switch_terminal` (`id`, `switch_id`, `mark`, `face_row`, `face_column`, `worn`) VALUES (27,5,'3',1,0,0);
INSERT INTO `switch_terminal` (`id`, `switch_id`, `mark`, `face_row`, `face_column`, `worn`) VALUES (28,5,'4',1,1,0);
INSERT INTO `switch_terminal` (`id`, `switch_id`, `mark`, `face_row`, `face_column`, `worn`) VALUES (29,5,'5',2,0,0);
INSERT INTO `switch_terminal` (`id`, `switch_id`, `mark`, `face_row`, `face_column`, `worn`) VALUES (30,5,'6',2,1,0);
INSERT INTO `switch_terminal` (`id`, `switch_id`, `mark`, `face_row`, `face_column`, `worn`) VALUES (31,6,'1',0,0,0);
INSERT INTO `switch_terminal` (`id`, `switch_id`, `mark`, `face_row`, `face_column`, `worn`) VALUES (32,6,'2',0,1,0);
INSERT INTO `switch_terminal` (`id`, `switch_id`, `mark`, `face_row`, `face_column`, `worn`) VALUES (33,6,'3',1,0,0);
INSERT INTO `switch_terminal` (`id`, `switch_id`, `mark`, `face_row`, `face_column`, `worn`) VALUES (34,6,'4',1,1,0);
INSERT INTO `switch_terminal` (`id`, `switch_id`, `mark`, `face_row`, `face_column`, `worn`) VALUES (35,6,'5',2,0,0);
INSERT INTO `switch_terminal` (`id`, `switch_id`, `mark`, `face_row`, `face_column`, `worn`) VALUES (36,6,'6',2,1,0);
INSERT INTO `switch_terminal` (`id`, `switch_id`, `mark`, `face_row`, `face_column`, `worn`) VALUES (37,7,'1',0,0,0);
INSERT INTO `switch_terminal` (`id`, `switch_id`, `mark`, `face_row`, `face_column`, `worn`) VALUES (38,7,'2',0,1,0);
INSERT INTO `switch_terminal` (`id`, `switch_id`, `mark`, `face_row`, `face_column`, `worn`) VALUES (39,7,'3',0,2,0);
INSERT INTO `switch_terminal` (`id`, `switch_id`, `mark`, `face_row`, `face_column`, `worn`) VALUES (40,7,'4',1,0,0);
INSERT INTO `switch_terminal` (`id`, `switch_id`, `mark`, `face_row`, `face_column`, `worn`) VALUES (41,7,'5',1,1,0);
INSERT INTO `switch_terminal` (`id`, `switch_id`, `mark`, `face_row`, `face_column`, `worn`) VALUES (42,7,'6',1,2,0);
INSERT INTO `switch_terminal` (`id`, `switch_id`, `mark`, `face_row`, `face_column`, `worn`) VALUES (43,7,'7',2,0,0);
INSERT INTO `switch_terminal` (`id`, `switch_id`, `mark`, `face_row`, `face_column`, `worn`) VALUES (44,7,'8',2,1,0);
INSERT INTO `switch_terminal` (`id`, `switch_id`, `mark`, `face_row`, `face_column`, `worn`) VALUES (45,7,'9',2,2,0);
INSERT INTO `switch_terminal` (`id`, `switch_id`, `mark`, `face_row`, `face_column`, `worn`) VALUES (46,8,'1',0,0,0);
INSERT INTO `switch_terminal` (`id`, `switch_id`, `mark`, `face_row`, `face_column`, `worn`) VALUES (47,8,'2',0,1,0);
INSERT INTO `switch_terminal` (`id`, `switch_id`, `mark`, `face_row`, `face_column`, `worn`) VALUES (48,8,'3',0,2,0);
INSERT INTO `switch_terminal` (`id`, `switch_id`, `mark`, `face_row`, `face_column`, `worn`) VALUES (49,8,'4',1,0,0);
INSERT INTO `switch_terminal` (`id`, `switch_id`, `mark`, `face_row`, `face_column`, `worn`) VALUES (50,8,'5',1,1,0);
INSERT INTO `switch_terminal` (`id`, `switch_id`, `mark`, `face_row`, `face_column`, `worn`) VALUES (51,8,'6',1,2,0);
INSERT INTO `switch_terminal` (`id`, `switch_id`, `mark`, `face_row`, `face_column`, `worn`) VALUES (52,8,'7',2,0,0);
INSERT INTO `switch_terminal` (`id`, `switch_id`, `mark`, `face_row`, `face_column`, `worn`) VALUES (53,8,'8',2,1,0);
INSERT INTO `switch_terminal` (`id`, `switch_id`, `mark`, `face_row`, `face_column`, `worn`) VALUES (54,8,'9',2,2,0);
INSERT INTO `switch_terminal` (`id`, `switch_id`, `mark`, `face_row`, `face_column`, `worn`) VALUES (55,9,'1',0,0,0);
INSERT INTO `switch_terminal` (`id`, `switch_id`, `mark`, `face_row`, `face_column`, `worn`) VALUES (56,9,'2',0,1,0);
INSERT INTO `switch_terminal` (`id`, `switch_id`, `mark`, `face_row`, `face_column`, `worn`) VALUES (57,9,'3',0,2,0);
INSERT INTO `switch_terminal` (`id`, `switch_id`, `mark`, `face_row`, `face_column`, `worn`) VALUES (58,9,'4',1,0,0);
INSERT INTO `switch_terminal` (`id`, `switch_id`, `mark`, `face_row`, `face_column`, `worn`) VALUES (59,9,'5',1,1,0);
INSERT INTO `switch_terminal` (`id`, `switch_id`, `mark`, `face_row`, `face_column`, `worn`) VALUES (60,9,'6',1,2,0);
INSERT INTO `switch_terminal` (`id`, `switch_id`, `mark`, `face_row`, `face_column`, `worn`) VALUES (61,9,'7',2,0,0);
INSERT INTO `switch_terminal` (`id`, `switch_id`, `mark`, `face_row`, `face_column`, `worn`) VALUES (62,9,'8',2,1,0);
INSERT INTO `switch_terminal` (`id`, `switch_id`, `mark`, `face_row`, `face_column`, `worn`) VALUES (63,9,'9',2,2,0);
INSERT INTO `switch_terminal` (`id`, `switch_id`, `mark`, `face_row`, `face_column`, `worn`) VALUES (64,10,'1',0,0,0);
INSERT INTO `switch_terminal` (`id`, `switch_id`, `mark`, `face_row`, `face_column`, `worn`) VALUES (65,10,'2',0,1,0);
INSERT INTO `switch_terminal` (`id`, `switch_id`, `mark`, `face_row`, `face_column`, `worn`) VALUES (66,10,'3',0,2,0);
INSERT INTO `switch_terminal` (`id`, `switch_id`, `mark`, `face_row`, `face_column`, `worn`) VALUES (67,10,'4',0,3,0);
INSERT INTO `switch_terminal` (`id`, `switch_id`, `mark`, `face_row`, `face_column`, `worn`) VALUES (68,10,'5',1,0,0);
INSERT INTO `switch_terminal` (`id`, `switch_id`, `mark`, `face_row`, `face_column`, `worn`) VALUES (69,10,'6',1,1,0);
INSERT INTO `switch_terminal` (`id`, `switch_id`, `mark`, `face_row`, `face_column`, `worn`) VALUES (70,10,'7',1,2,0);
INSERT INTO `switch_terminal` (`id`, `switch_id`, `mark`, `face_row`, `face_column`, `worn`) VALUES (71,10,'8',1,3,0);
INSERT INTO `switch_terminal` (`id`, `switch_id`, `mark`, `face_row`, `face_column`, `worn`) VALUES (72,10,'9',2,0,0);
INSERT INTO `switch_terminal` (`id`, `switch_id`, `mark`, `face_row`, `face_column`, `worn`) VALUES (73,10,'10',2,1,0);
INSERT INTO `switch_terminal` (`id`, `switch_id`, `mark`, `face_row`, `face_column`, `worn`) VALUES (74,10,'11',2,2,0);
INSERT INTO `switch_terminal` (`id`, `switch_id`, `mark`, `face_row`, `face_column`, `worn`) VALUES (75,10,'12',2,3,0);
INSERT INTO `switch_terminal` (`id`, `switch_id`, `mark`, `face_row`, `face_column`, `worn`) VALUES (76,11,'1',0,0,0);
INSERT INTO `switch_terminal` (`id`, `switch_id`, `mark`, `face_row`, `face_column`, `worn`) VALUES (77,11,'2',0,1,0);
INSERT INTO `switch_terminal` (`id`, `switch_id`, `mark`, `face_row`, `face_column`, `worn`) VALUES (78,11,'3',0,2,0);
INSERT INTO `switch_terminal` (`id`, `switch_id`, `mark`, `face_row`, `face_column`, `worn`) VALUES (79,11,'4',0,3,0);
INSERT INTO `switch_terminal` (`id`, `switch_id`, `mark`, `face_row`, `face_column`, `worn`) VALUES (80,11,'5',1,0,0);
INSERT INTO `switch_terminal` (`id`, `switch_id`, `mark`, `face_row`, `face_column`, `worn`) VALUES (81,11,'6',1,1,0);
INSERT INTO `switch_terminal` (`id`, `switch_id`, `mark`, `face_row`, `face_column`, `worn`) VALUES (82,11,'7',1,2,0);
INSERT INTO `switch_terminal` (`id`, `switch_id`, `mark`, `face_row`, `face_column`, `worn`) VALUES (83,11,'8',1,3,0);
INSERT INTO `switch_terminal` (`id`, `switch_id`, `mark`, `face_row`, `face_column`, `worn`) VALUES (84,11,'9',2,0,0);
INSERT INTO `switch_terminal` (`id`, `switch_id`, `mark`, `face_row`, `face_column`, `worn`) VALUES (85,11,'10',2,1,0);
INSERT INTO `switch_terminal` (`id`, `switch_id`, `mark`, `face_row`, `face_column`, `worn`) VALUES (86,11,'11',2,2,0);
INSERT INTO `switch_terminal` (`id`, `switch_id`, `mark`, `face_row`, `face_column`, `worn`) VALUES (87,11,'12',2,3,0);
INSERT INTO `switch_terminal` (`id`, `switch_id`, `mark`, `face_row`, `face_column`, `worn`) VALUES (88,12,'1',0,0,0);
INSERT INTO `switch_terminal` (`id`, `switch_id`, `mark`, `face_row`, `face_column`, `worn`) VALUES (89,12,'2',0,1,0);
INSERT INTO `switch_terminal` (`id`, `switch_id`, `mark`, `face_row`, `face_column`, `worn`) VALUES (90,12,'3',1,0,0);
INSERT INTO `switch_terminal` (`id`, `switch_id`, `mark`, `face_row`, `face_column`, `worn`) VALUES (91,12,'4',1,1,0);
INSERT INTO `switch_terminal` (`id`, `switch_id`, `mark`, `face_row`, `face_column`, `worn`) VALUES (92,12,'5',2,0,0);
INSERT INTO `switch_terminal` (`id`, `switch_id`, `mark`, `face_row`, `face_column`, `worn`) VALUES (93,12,'6',2,1,0);
INSERT INTO `switch_terminal` (`id`, `switch_id`, `mark`, `face_row`, `face_column`, `worn`) VALUES (94,12,'7',3,0,0);
INSERT INTO `switch_terminal` (`id`, `switch_id`, `mark`, `face_row`, `face_column`, `worn`) VALUES (95,12,'8',3,1,0);
INSERT INTO `switch_terminal` (`id`, `switch_id`, `mark`, `face_row`, `face_column`, `worn`) VALUES (96,13,'1',0,0,0);
INSERT INTO `switch_terminal` (`id`, `switch_id`, `mark`, `face_row`, `face_column`, `worn`) VALUES (97,13,'2',0,1,0);
INSERT INTO `switch_terminal` (`id`, `switch_id`, `mark`, `face_row`, `face_column`, `worn`) VALUES (98,13,'3',1,0,0);
INSERT INTO `switch_terminal` (`id`, `switch_id`, `mark`, `face_row`, `face_column`, `worn`) VALUES (99,13,'4',1,1,0);
INSERT INTO `switch_terminal` (`id`, `switch_id`, `mark`, `face_row`, `face_column`, `worn`) VALUES (100,13,'5',2,0,0);
INSERT INTO `switch_terminal` (`id`, `switch_id`, `mark`, `face_row`, `face_column`, `worn`) VALUES (101,13,'6',2,1,0);
INSERT INTO `switch_terminal` (`id`, `switch_id`, `mark`, `face_row`, `face_column`, `worn`) VALUES (102,13,'7',3,0,0);
INSERT INTO `switch_terminal` (`id`, `switch_id`, `mark`, `face_row`, `face_column`, `worn`) VALUES (103,13,'8',3,1,0);
INSERT INTO `switch_terminal` (`id`, `switch_id`, `mark`, `face_row`, `face_column`, `worn`) VALUES (104,13,'9',4,0,0);
INSERT INTO `switch_terminal` (`id`, `switch_id`, `mark`, `face_row`, `face_column`, `worn`) VALUES (105,13,'10',4,1,0);
INSERT INTO `switch_terminal` (`id`, `switch_id`, `mark`, `face_row`, `face_column`, `worn`) VALUES (106,14,'1',0,0,0);
INSERT INTO `switch_terminal` (`id`, `switch_id`, `mark`, `face_row`, `face_column`, `worn`) VALUES (107,14,'2',0,1,0);
INSERT INTO `switch_terminal` (`id`, `switch_id`, `mark`, `face_row`, `face_column`, `worn`) VALUES (108,14,'3',1,0,0);
INSERT INTO `switch_terminal` (`id`, `switch_id`, `mark`, `face_row`, `face_column`, `worn`) VALUES (109,14,'4',1,1,0);
INSERT INTO `switch_terminal` (`id`, `switch_id`, `mark`, `face_row`, `face_column`, `worn`) VALUES (110,14,'5',2,0,0);
INSERT INTO `switch_terminal` (`id`, `switch_id`, `mark`, `face_row`, `face_column`, `worn`) VALUES (111,14,'6',2,1,0);
INSERT INTO `switch_terminal` (`id`, `switch_id`, `mark`, `face_row`, `face_column`, `worn`) VALUES (112,14,'7',3,0,0);
INSERT INTO `switch_terminal` (`id`, `switch_id`, `mark`, `face_row`, `face_column`, `worn`) VALUES (113,14,'8',3,1,0);
INSERT INTO `switch_terminal` (`id`, `switch_id`, `mark`, `face_row`, `face_column`, `worn`) VALUES (114,14,'9',4,0,0);
INSERT INTO `switch_terminal` (`id`, `switch_id`, `mark`, `face_row`, `face_column`, `worn`) VALUES (115,14,'10',4,1,0);
INSERT INTO `switch_terminal` (`id`, `switch_id`, `mark`, `face_row`, `face_column`, `worn`) VALUES (116,14,'11',5,0,0);
INSERT INTO `switch_terminal` (`id`, `switch_id`, `mark`, `face_row`, `face_column`, `worn`) VALUES (117,14,'12',5,1,0);
INSERT INTO `switch_terminal` (`id`, `switch_id`, `mark`, `face_row`, `face_column`, `worn`) VALUES (118,15,'1',0,0,0);
INSERT INTO `switch_terminal` (`id`, `switch_id`, `mark`, `face_row`, `face_column`, `worn`) VALUES (119,15,'2',0,1,0);
INSERT INTO `switch_terminal` (`id`, `switch_id`, `mark`, `face_row`, `face_column`, `worn`) VALUES (120,15,'3',1,0,0);
INSERT INTO `switch_terminal` (`id`, `switch_id`, `mark`, `face_row`, `face_column`, `worn`) VALUES (121,15,'4',1,1,0);
INSERT INTO `switch_terminal` (`id`, `switch_id`, `mark`, `face_row`, `face_column`, `worn`) VALUES (122,15,'5',2,0,0);
INSERT INTO `switch_terminal` (`id`, `switch_id`, `mark`, `face_row`, `face_column`, `worn`) VALUES (123,15,'6',2,1,0);
INSERT INTO `switch_terminal` (`id`, `switch_id`, `mark`, `face_row`, `face_column`, `worn`) VALUES (124,15,'7',3,0,0);
INSERT INTO `switch_terminal` (`id`, `switch_id`, `mark`, `face_row`, `face_column`, `worn`) VALUES (125,15,'8',3,1,0);
INSERT INTO `switch_terminal` (`id`, `switch_id`, `mark`, `face_row`, `face_column`, `worn`) VALUES (126,16,'1',0,0,0);
INSERT INTO `switch_terminal` (`id`, `switch_id`, `mark`, `face_row`, `face_column`, `worn`) VALUES (127,16,'2',0,1,0);
INSERT INTO `switch_terminal` (`id`, `switch_id`, `mark`, `face_row`, `face_column`, `worn`) VALUES (128,16,'3',1,0,0);
INSERT INTO `switch_terminal` (`id`, `switch_id`, `mark`, `face_row`, `face_column`, `worn`) VALUES (129,16,'4',1,1,0);
INSERT INTO `switch_terminal` (`id`, `switch_id`, `mark`, `face_row`, `face_column`, `worn`) VALUES (130,16,'5',2,0,0);
INSERT INTO `switch_terminal` (`id`, `switch_id`, `mark`, `face_row`, `face_column`, `worn`) VALUES (131,16,'6',2,1,0);
INSERT INTO `switch_terminal` (`id`, `switch_id`, `mark`, `face_row`, `face_column`, `worn`) VALUES (132,17,'1',0,0,0);
INSERT INTO `switch_terminal` (`id`, `switch_id`, `mark`, `face_row`, `face_column`, `worn`) VALUES (133,17,'2',0,1,0);
INSERT INTO `switch_terminal` (`id`, `switch_id`, `mark`, `face_row`, `face_column`, `worn`) VALUES (134,17,'3',1,0,0);
INSERT INTO `switch_terminal` (`id`, `switch_id`, `mark`, `face_row`, `face_column`, `worn`) VALUES (135,17,'4',1,1,0);
INSERT INTO `switch_terminal` (`id`, `switch_id`, `mark`, `face_row`, `face_column`, `worn`) VALUES (136,17,'5',2,0,0);
INSERT INTO `switch_terminal` (`id`, `switch_id`, `mark`, `face_row`, `face_column`, `worn`) VALUES (137,17,'6',2,1,0);
INSERT INTO `switch_terminal` (`id`, `switch_id`, `mark`, `face_row`, `face_column`, `worn`) VALUES (138,18,'1',0,0,0);
INSERT INTO `switch_terminal` (`id`, `switch_id`, `mark`, `face_row`, `face_column`, `worn`) VALUES (139,18,'2',0,1,0);
INSERT INTO `switch_terminal` (`id`, `switch_id`, `mark`, `face_row`, `face_column`, `worn`) VALUES (140,18,'3',1,0,0);
INSERT INTO `switch_terminal` (`id`, `switch_id`, `mark`, `face_row`, `face_column`, `worn`) VALUES (141,18,'4',1,1,0);
INSERT INTO `switch_terminal` (`id`, `switch_id`, `mark`, `face_row`, `face_column`, `worn`) VALUES (142,18,'5',2,0,0);
INSERT INTO `switch_terminal` (`id`, `switch_id`, `mark`, `face_row`, `face_column`, `worn`) VALUES (143,18,'6',2,1,0);
INSERT INTO `switch_terminal` (`id`, `switch_id`, `mark`, `face_row`, `face_column`, `worn`) VALUES (144,19,'1',0,0,0);
INSERT INTO `switch_terminal` (`id`, `switch_id`, `mark`, `face_row`, `face_column`, `worn`) VALUES (145,19,'2',0,1,0);
INSERT INTO `switch_terminal` (`id`, `switch_id`, `mark`, `face_row`, `face_column`, `worn`) VALUES (146,19,'3',1,0,0);
INSERT INTO `switch_terminal` (`id`, `switch_id`, `mark`, `face_row`, `face_column`, `worn`) VALUES (147,19,'4',1,1,0);
INSERT INTO `switch_terminal` (`id`, `switch_id`, `mark`, `face_row`, `face_column`, `worn`) VALUES (148,19,'5',2,0,0);
INSERT INTO `switch_terminal` (`id`, `switch_id`, `mark`, `face_row`, `face_column`, `worn`) VALUES (149,19,'6',2,1,0);
INSERT INTO `switch_terminal` (`id`, `switch_id`, `mark`, `face_row`, `face_column`, `worn`) VALUES (150,20,'1',0,0,0);
INSERT INTO `switch_terminal` (`id`, `switch_id`, `mark`, `face_row`, `face_column`, `worn`) VALUES (151,20,'2',0,1,0);
INSERT INTO `switch_terminal` (`id`, `switch_id`, `mark`, `face_row`, `face_column`, `worn`) VALUES (152,20,'3',1,0,0);
INSERT INTO `switch_terminal` (`id`, `switch_id`, `mark`, `face_row`, `face_column`, `worn`) VALUES (153,20,'4',1,1,0);
INSERT INTO `switch_terminal` (`id`, `switch_id`, `mark`, `face_row`, `face_column`, `worn`) VALUES (154,20,'5',2,0,0);
INSERT INTO `switch_terminal` (`id`, `switch_id`, `mark`, `face_row`, `face_column`, `worn`) VALUES (155,20,'6',2,1,0);
INSERT INTO `switch_terminal` (`id`, `switch_id`, `mark`, `face_row`, `face_column`, `worn`) VALUES (156,21,'1',0,0,0);
INSERT INTO `switch_terminal` (`id`, `switch_id`, `mark`, `face_row`, `face_column`, `worn`) VALUES (157,21,'2',0,1,0);
INSERT INTO `switch_terminal` (`id`, `switch_id`, `mark`, `face_row`, `face_column`, `worn`) VALUES (158,21,'3',1,0,0);
INSERT INTO `switch_terminal` (`id`, `switch_id`, `mark`, `face_row`, `face_column`, `worn`) VALUES (159,21,'4',1,1,0);
INSERT INTO `switch_terminal` (`id`, `switch_id`, `mark`, `face_row`, `face_column`, `worn`) VALUES (160,21,'5',2,0,0);
INSERT INTO `switch_terminal` (`id`, `switch_id`, `mark`, `face_row`, `face_column`, `worn`) VALUES (161,21,'6',2,1,0);
INSERT INTO `switch_terminal` (`id`, `switch_id`, `mark`, `face_row`, `face_column`, `worn`) VALUES (162,22,'1',0,0,0);
INSERT INTO `switch_terminal` (`id`, `switch_id`, `mark`, `face_row`, `face_column`, `worn`) VALUES (163,22,'2',0,1,0);
INSERT INTO `switch_terminal` (`id`, `switch_id`, `mark`, `face_row`, `face_column`, `worn`) VALUES (164,22,'3',0,2,0);
INSERT INTO `switch_terminal` (`id`, `switch_id`, `mark`, `face_row`, `face_column`, `worn`) VALUES (165,22,'4',1,0,0);
INSERT INTO `switch_terminal` (`id`, `switch_id`, `mark`, `face_row`, `face_column`, `worn`) VALUES (166,22,'5',1,1,0);
INSERT INTO `switch_terminal` (`id`, `switch_id`, `mark`, `face_row`, `face_column`, `worn`) VALUES (167,22,'6',1,2,0);
INSERT INTO `switch_terminal` (`id`, `switch_id`, `mark`, `face_row`, `face_column`, `worn`) VALUES (168,22,'7',2,0,0);
INSERT INTO `switch_terminal` (`id`, `switch_id`, `mark`, `face_row`, `face_column`, `worn`) VALUES (169,22,'8',2,1,0);
INSERT INTO `switch_terminal` (`id`, `switch_id`, `mark`, `face_row`, `face_column`, `worn`) VALUES (170,22,'9',2,2,0);
INSERT INTO `switch_terminal` (`id`, `switch_id`, `mark`, `face_row`, `face_column`, `worn`) VALUES (171,23,'1',0,0,0);
INSERT INTO `switch_terminal` (`id`, `switch_id`, `mark`, `face_row`, `face_column`, `worn`) VALUES (172,23,'2',0,1,0);
INSERT INTO `switch_terminal` (`id`, `switch_id`, `mark`, `face_row`, `face_column`, `worn`) VALUES (173,23,'3',0,2,0);
INSERT INTO `switch_terminal` (`id`, `switch_id`, `mark`, `face_row`, `face_column`, `worn`) VALUES (174,23,'4',1,0,0);
INSERT INTO `switch_terminal` (`id`, `switch_id`, `mark`, `face_row`, `face_column`, `worn`) VALUES (175,23,'5',1,1,0);
INSERT INTO `switch_terminal` (`id`, `switch_id`, `mark`, `face_row`, `face_column`, `worn`) VALUES (176,23,'6',1,2,0);
INSERT INTO `switch_terminal` (`id`, `switch_id`, `mark`, `face_row`, `face_column`, `worn`) VALUES (177,23,'7',2,0,0);
INSERT INTO `switch_terminal` (`id`, `switch_id`, `mark`, `face_row`, `face_column`, `worn`) VALUES (178,23,'8',2,1,0);
INSERT INTO `switch_terminal` (`id`, `switch_id`, `mark`, `face_row`, `face_column`, `worn`) VALUES (179,23,'9',2,2,0);
INSERT INTO `switch_terminal` (`id`, `switch_id`, `mark`, `face_row`, `face_column`, `worn`) VALUES (180,24,'1',0,0,0);
INSERT INTO `switch_terminal` (`id`, `switch_id`, `mark`, `face_row`, `face_column`, `worn`) VALUES (181,24,'2',0,1,0);
INSERT INTO `switch_terminal` (`id`, `switch_id`, `mark`, `face_row`, `face_column`, `worn`) VALUES (182,24,'3',0,2,0);
INSERT INTO `switch_terminal` (`id`, `switch_id`, `mark`, `face_row`, `face_column`, `worn`) VALUES (183,24,'4',1,0,0);
INSERT INTO `switch_terminal` (`id`, `switch_id`, `mark`, `face_row`, `face_column`, `worn`) VALUES (184,24,'5',1,1,0);
INSERT INTO `switch_terminal` (`id`, `switch_id`, `mark`, `face_row`, `face_column`, `worn`) VALUES (185,24,'6',1,2,0);
INSERT INTO `switch_terminal` (`id`, `switch_id`, `mark`, `face_row`, `face_column`, `worn`) VALUES (186,24,'7',2,0,0);
INSERT INTO `switch_terminal` (`id`, `switch_id`, `mark`, `face_row`, `face_column`, `worn`) VALUES (187,24,'8',2,1,0);
INSERT INTO `switch_terminal` (`id`, `switch_id`, `mark`, `face_row`, `face_column`, `worn`) VALUES (188,24,'9',2,2,0);
INSERT INTO `switch_terminal` (`id`, `switch_id`, `mark`, `face_row`, `face_column`, `worn`) VALUES (189,25,'1',0,0,0);
INSERT INTO `switch_terminal` (`id`, `switch_id`, `mark`, `face_row`, `face_column`, `worn`) VALUES (190,25,'2',0,1,0);
INSERT INTO `switch_terminal` (`id`, `switch_id`, `mark`, `face_row`, `face_column`, `worn`) VALUES (191,25,'3',0,2,0);
INSERT INTO `switch_terminal` (`id`, `switch_id`, `mark`, `face_row`, `face_column`, `worn`) VALUES (192,25,'4',0,3,0);
INSERT INTO `switch_terminal` (`id`, `switch_id`, `mark`, `face_row`, `face_column`, `worn`) VALUES (193,25,'5',1,0,0);
INSERT INTO `switch_terminal` (`id`, `switch_id`, `mark`, `face_row`, `face_column`, `worn`) VALUES (194,25,'6',1,1,0);
INSERT INTO `switch_terminal` (`id`, `switch_id`, `mark`, `face_row`, `face_column`, `worn`) VALUES (195,25,'7',1,2,0);
INSERT INTO `switch_terminal` (`id`, `switch_id`, `mark`, `face_row`, `face_column`, `worn`) VALUES (196,25,'8',1,3,0);
INSERT INTO `switch_terminal` (`id`, `switch_id`, `mark`, `face_row`, `face_column`, `worn`) VALUES (197,25,'9',2,0,0);
INSERT INTO `switch_terminal` (`id`, `switch_id`, `mark`, `face_row`, `face_column`, `worn`) VALUES (198,25,'10',2,1,0);
INSERT INTO `switch_terminal` (`id`, `switch_id`, `mark`, `face_row`, `face_column`, `worn`) VALUES (199,25,'11',2,2,0);
INSERT INTO `switch_terminal` (`id`, `switch_id`, `mark`, `face_row`, `face_column`, `worn`) VALUES (200,25,'12',2,3,0);
INSERT INTO `switch_terminal` (`id`, `switch_id`, `mark`, `face_row`, `face_column`, `worn`) VALUES (201,26,'1',0,0,0);
INSERT INTO `switch_terminal` (`id`, `switch_id`, `mark`, `face_row`, `face_column`, `worn`) VALUES (202,26,'2',0,1,0);
INSERT INTO `switch_terminal` (`id`, `switch_id`, `mark`, `face_row`, `face_column`, `worn`) VALUES (203,26,'3',0,2,0);
INSERT INTO `switch_terminal` (`id`, `switch_id`, `mark`, `face_row`, `face_column`, `worn`) VALUES (204,26,'4',0,3,0);
INSERT INTO `switch_terminal` (`id`, `switch_id`, `mark`, `face_row`, `face_column`, `worn`) VALUES (205,26,'5',1,0,0);
INSERT INTO `switch_terminal` (`id`, `switch_id`, `mark`, `face_row`, `face_column`, `worn`) VALUES (206,26,'6',1,1,0);
INSERT INTO `switch_terminal` (`id`, `switch_id`, `mark`, `face_row`, `face_column`, `worn`) VALUES (207,26,'7',1,2,0);
INSERT INTO `switch_terminal` (`id`, `switch_id`, `mark`, `face_row`, `face_column`, `worn`) VALUES (208,26,'8',1,3,0);
INSERT INTO `switch_terminal` (`id`, `switch_id`, `mark`, `face_row`, `face_column`, `worn`) VALUES (209,26,'9',2,0,0);
INSERT INTO `switch_terminal` (`id`, `switch_id`, `mark`, `face_row`, `face_column`, `worn`) VALUES (210,26,'10',2,1,0);
INSERT INTO `switch_terminal` (`id`, `switch_id`, `mark`, `face_row`, `face_column`, `worn`) VALUES (211,26,'11',2,2,0);
INSERT INTO `switch_terminal` (`id`, `switch_id`, `mark`, `face_row`, `face_column`, `worn`) VALUES (212,26,'12',2,3,0);
INSERT INTO `switch_terminal` (`id`, `switch_id`, `mark`, `face_row`, `face_column`, `worn`) VALUES (213,27,'1',0,0,0);
INSERT INTO `switch_terminal` (`id`, `switch_id`, `mark`, `face_row`, `face_column`, `worn`) VALUES (214,27,'2',0,1,0);
INSERT INTO `switch_terminal` (`id`, `switch_id`, `mark`, `face_row`, `face_column`, `worn`) VALUES (215,27,'3',1,0,0);
INSERT INTO `switch_terminal` (`id`, `switch_id`, `mark`, `face_row`, `face_column`, `worn`) VALUES (216,27,'4',1,1,0);
INSERT INTO `switch_terminal` (`id`, `switch_id`, `mark`, `face_row`, `face_column`, `worn`) VALUES (217,27,'5',2,0,0);
INSERT INTO `switch_terminal` (`id`, `switch_id`, `mark`, `face_row`, `face_column`, `worn`) VALUES (218,27,'6',2,1,0);
INSERT INTO `switch_terminal` (`id`, `switch_id`, `mark`, `face_row`, `face_column`, `worn`) VALUES (219,27,'7',3,0,0);
INSERT INTO `switch_terminal` (`id`, `switch_id`, `mark`, `face_row`, `face_column`, `worn`) VALUES (220,27,'8',3,1,0);
INSERT INTO `switch_terminal` (`id`, `switch_id`, `mark`, `face_row`, `face_column`, `worn`) VALUES (221,28,'1',0,0,0);
INSERT INTO `switch_terminal` (`id`, `switch_id`, `mark`, `face_row`, `face_column`, `worn`) VALUES (222,28,'2',0,1,0);
INSERT INTO `switch_terminal` (`id`, `switch_id`, `mark`, `face_row`, `face_column`, `worn`) VALUES (223,28,'3',1,0,0);
INSERT INTO `switch_terminal` (`id`, `switch_id`, `mark`, `face_row`, `face_column`, `worn`) VALUES (224,28,'4',1,1,0);
INSERT INTO `switch_terminal` (`id`, `switch_id`, `mark`, `face_row`, `face_column`, `worn`) VALUES (225,28,'5',2,0,0);
INSERT INTO `switch_terminal` (`id`, `switch_id`, `mark`, `face_row`, `face_column`, `worn`) VALUES (226,28,'6',2,1,0);
INSERT INTO `switch_terminal` (`id`, `switch_id`, `mark`, `face_row`, `face_column`, `worn`) VALUES (227,28,'7',3,0,0);
INSERT INTO `switch_terminal` (`id`, `switch_id`, `mark`, `face_row`, `face_column`, `worn`) VALUES (228,28,'8',3,1,0);
INSERT INTO `switch_terminal` (`id`, `switch_id`, `mark`, `face_row`, `face_column`, `worn`) VALUES (229,28,'9',4,0,0);
INSERT INTO `switch_terminal` (`id`, `switch_id`, `mark`, `face_row`, `face_column`, `worn`) VALUES (230,28,'10',4,1,0);
INSERT INTO `switch_terminal` (`id`, `switch_id`, `mark`, `face_row`, `face_column`, `worn`) VALUES (231,29,'1',0,0,0);
INSERT INTO `switch_terminal` (`id`, `switch_id`, `mark`, `face_row`, `face_column`, `worn`) VALUES (232,29,'2',0,1,0);
INSERT INTO `switch_terminal` (`id`, `switch_id`, `mark`, `face_row`, `face_column`, `worn`) VALUES (233,29,'3',1,0,0);
INSERT INTO `switch_terminal` (`id`, `switch_id`, `mark`, `face_row`, `face_column`, `worn`) VALUES (234,29,'4',1,1,0);
INSERT INTO `switch_terminal` (`id`, `switch_id`, `mark`, `face_row`, `face_column`, `worn`) VALUES (235,29,'5',2,0,0);
INSERT INTO `switch_terminal` (`id`, `switch_id`, `mark`, `face_row`, `face_column`, `worn`) VALUES (236,29,'6',2,1,0);
INSERT INTO `switch_terminal` (`id`, `switch_id`, `mark`, `face_row`, `face_column`, `worn`) VALUES (237,29,'7',3,0,0);
INSERT INTO `switch_terminal` (`id`, `switch_id`, `mark`, `face_row`, `face_column`, `worn`) VALUES (238,29,'8',3,1,0);
INSERT INTO `switch_terminal` (`id`, `switch_id`, `mark`, `face_row`, `face_column`, `worn`) VALUES (239,29,'9',4,0,0);
INSERT INTO `switch_terminal` (`id`, `switch_id`, `mark`, `face_row`, `face_column`, `worn`) VALUES (240,29,'10',4,1,0);
INSERT INTO `switch_terminal` (`id`, `switch_id`, `mark`, `face_row`, `face_column`, `worn`) VALUES (241,29,'11',5,0,0);
INSERT INTO `switch_terminal` (`id`, `switch_id`, `mark`, `face_row`, `face_column`, `worn`) VALUES (242,29,'12',5,1,0);
INSERT INTO `switch_terminal` (`id`, `switch_id`, `mark`, `face_row`, `face_column`, `worn`) VALUES (243,30,'1',0,0,0);
INSERT INTO `switch_terminal` (`id`, `switch_id`, `mark`, `face_row`, `face_column`, `worn`) VALUES (244,30,'2',0,1,0);
INSERT INTO `switch_terminal` (`id`, `switch_id`, `mark`, `face_row`, `face_column`, `worn`) VALUES (245,30,'3',1,0,0);
INSERT INTO `switch_terminal` (`id`, `switch_id`, `mark`, `face_row`, `face_column`, `worn`) VALUES (246,30,'4',1,1,0);
INSERT INTO `switch_terminal` (`id`, `switch_id`, `mark`, `face_row`, `face_column`, `worn`) VALUES (247,30,'5',2,0,0);
INSERT INTO `switch_terminal` (`id`, `switch_id`, `mark`, `face_row`, `face_column`, `worn`) VALUES (248,30,'6',2,1,0);
INSERT INTO `switch_terminal` (`id`, `switch_id`, `mark`, `face_row`, `face_column`, `worn`) VALUES (249,30,'7',3,0,0);
INSERT INTO `switch_terminal` (`id`, `switch_id`, `mark`, `face_row`, `face_column`, `worn`) VALUES (250,30,'8',3,1,0);
/*!40000 ALTER TABLE `switch_terminal` ENABLE KEYS */;
UNLOCK TABLES;
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

LOCK TABLES `winding_record` WRITE;
/*!40000 ALTER TABLE `winding_record` DISABLE KEYS */;
INSERT INTO `winding_record` (`motor_id`, `marks_trusted`, `dual_voltage`, `turn_second_half`) VALUES (2,1,NULL,NULL);
INSERT INTO `winding_record` (`motor_id`, `marks_trusted`, `dual_voltage`, `turn_second_half`) VALUES (4,1,NULL,NULL);
INSERT INTO `winding_record` (`motor_id`, `marks_trusted`, `dual_voltage`, `turn_second_half`) VALUES (6,1,NULL,NULL);
INSERT INTO `winding_record` (`motor_id`, `marks_trusted`, `dual_voltage`, `turn_second_half`) VALUES (8,1,NULL,NULL);
/*!40000 ALTER TABLE `winding_record` ENABLE KEYS */;
UNLOCK TABLES;
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
) ENGINE=InnoDB AUTO_INCREMENT=49 DEFAULT CHARSET=utf8mb4 COLLATE=utf8mb4_unicode_520_ci;
/*!40101 SET character_set_client = @saved_cs_client */;

LOCK TABLES `wire` WRITE;
/*!40000 ALTER TABLE `wire` DISABLE KEYS */;
INSERT INTO `wire` (`id`, `plan_id`, `step`, `from_terminal`, `to_terminal`, `run`, `made_at`, `made_by`) VALUES (1,1,1,'motor.T1','switch.2','MOTOR_CABLE','2026-11-26 02:24:43.836',1);
INSERT INTO `wire` (`id`, `plan_id`, `step`, `from_terminal`, `to_terminal`, `run`, `made_at`, `made_by`) VALUES (2,1,2,'motor.T4','switch.3','MOTOR_CABLE','2026-11-26 02:24:44.001',1);
INSERT INTO `wire` (`id`, `plan_id`, `step`, `from_terminal`, `to_terminal`, `run`, `made_at`, `made_by`) VALUES (3,1,3,'motor.T2','splice.S1','MOTOR_BOX','2026-11-26 02:24:44.181',1);
INSERT INTO `wire` (`id`, `plan_id`, `step`, `from_terminal`, `to_terminal`, `run`, `made_at`, `made_by`) VALUES (4,1,4,'motor.T3','splice.S1','MOTOR_BOX','2026-11-26 02:24:44.294',1);
INSERT INTO `wire` (`id`, `plan_id`, `step`, `from_terminal`, `to_terminal`, `run`, `made_at`, `made_by`) VALUES (5,1,5,'motor.T5','splice.S1','MOTOR_BOX','2026-11-26 02:24:44.399',1);
INSERT INTO `wire` (`id`, `plan_id`, `step`, `from_terminal`, `to_terminal`, `run`, `made_at`, `made_by`) VALUES (6,1,6,'motor.T8','switch.1','MOTOR_CABLE','2026-11-26 02:24:44.503',1);
INSERT INTO `wire` (`id`, `plan_id`, `step`, `from_terminal`, `to_terminal`, `run`, `made_at`, `made_by`) VALUES (7,1,7,'switch.1','switch.5','SWITCH_BOX','2026-11-26 02:24:44.598',1);
INSERT INTO `wire` (`id`, `plan_id`, `step`, `from_terminal`, `to_terminal`, `run`, `made_at`, `made_by`) VALUES (8,1,8,'switch.4','supply.L1','SUPPLY_CABLE','2026-11-26 02:24:44.694',1);
INSERT INTO `wire` (`id`, `plan_id`, `step`, `from_terminal`, `to_terminal`, `run`, `made_at`, `made_by`) VALUES (9,1,9,'switch.6','supply.L2','SUPPLY_CABLE','2026-11-26 02:24:44.799',1);
INSERT INTO `wire` (`id`, `plan_id`, `step`, `from_terminal`, `to_terminal`, `run`, `made_at`, `made_by`) VALUES (10,1,10,'motor.G','switch.G','MOTOR_CABLE','2026-11-26 02:24:44.875',1);
INSERT INTO `wire` (`id`, `plan_id`, `step`, `from_terminal`, `to_terminal`, `run`, `made_at`, `made_by`) VALUES (11,1,11,'switch.G','supply.G','SUPPLY_CABLE','2026-11-26 02:24:44.970',1);
INSERT INTO `wire` (`id`, `plan_id`, `step`, `from_terminal`, `to_terminal`, `run`, `made_at`, `made_by`) VALUES (12,2,1,'motor.blue','switch.5','MOTOR_CABLE','2026-11-26 02:24:45.182',1);
INSERT INTO `wire` (`id`, `plan_id`, `step`, `from_terminal`, `to_terminal`, `run`, `made_at`, `made_by`) VALUES (13,2,2,'motor.blue/yellow','switch.6','MOTOR_CABLE','2026-11-26 02:24:45.309',1);
INSERT INTO `wire` (`id`, `plan_id`, `step`, `from_terminal`, `to_terminal`, `run`, `made_at`, `made_by`) VALUES (14,2,3,'motor.black','switch.1','MOTOR_CABLE','2026-11-26 02:24:45.436',1);
INSERT INTO `wire` (`id`, `plan_id`, `step`, `from_terminal`, `to_terminal`, `run`, `made_at`, `made_by`) VALUES (15,2,4,'motor.black/yellow','switch.3','MOTOR_CABLE',NULL,NULL);
INSERT INTO `wire` (`id`, `plan_id`, `step`, `from_terminal`, `to_terminal`, `run`, `made_at`, `made_by`) VALUES (16,2,5,'switch.1','switch.2','SWITCH_BOX',NULL,NULL);
INSERT INTO `wire` (`id`, `plan_id`, `step`, `from_terminal`, `to_terminal`, `run`, `made_at`, `made_by`) VALUES (17,2,6,'switch.2','switch.7','SWITCH_BOX',NULL,NULL);
INSERT INTO `wire` (`id`, `plan_id`, `step`, `from_terminal`, `to_terminal`, `run`, `made_at`, `made_by`) VALUES (18,2,7,'switch.3','switch.8','SWITCH_BOX',NULL,NULL);
INSERT INTO `wire` (`id`, `plan_id`, `step`, `from_terminal`, `to_terminal`, `run`, `made_at`, `made_by`) VALUES (19,2,8,'switch.7','switch.9','SWITCH_BOX',NULL,NULL);
INSERT INTO `wire` (`id`, `plan_id`, `step`, `from_terminal`, `to_terminal`, `run`, `made_at`, `made_by`) VALUES (20,2,9,'switch.4','supply.L1','SUPPLY_CABLE',NULL,NULL);
INSERT INTO `wire` (`id`, `plan_id`, `step`, `from_terminal`, `to_terminal`, `run`, `made_at`, `made_by`) VALUES (21,2,10,'switch.8','supply.L2','SUPPLY_CABLE',NULL,NULL);
INSERT INTO `wire` (`id`, `plan_id`, `step`, `from_terminal`, `to_terminal`, `run`, `made_at`, `made_by`) VALUES (22,2,11,'motor.G','switch.G','MOTOR_CABLE',NULL,NULL);
INSERT INTO `wire` (`id`, `plan_id`, `step`, `from_terminal`, `to_terminal`, `run`, `made_at`, `made_by`) VALUES (23,2,12,'switch.G','supply.G','SUPPLY_CABLE',NULL,NULL);
INSERT INTO `wire` (`id`, `plan_id`, `step`, `from_terminal`, `to_terminal`, `run`, `made_at`, `made_by`) VALUES (24,3,1,'motor.T1','switch.2','MOTOR_CABLE','2026-11-26 02:24:45.600',1);
INSERT INTO `wire` (`id`, `plan_id`, `step`, `from_terminal`, `to_terminal`, `run`, `made_at`, `made_by`) VALUES (25,3,2,'motor.T4','switch.3','MOTOR_CABLE','2026-11-26 02:24:45.716',1);
INSERT INTO `wire` (`id`, `plan_id`, `step`, `from_terminal`, `to_terminal`, `run`, `made_at`, `made_by`) VALUES (26,3,3,'motor.T2','splice.S1','MOTOR_BOX','2026-11-26 02:24:45.836',1);
INSERT INTO `wire` (`id`, `plan_id`, `step`, `from_terminal`, `to_terminal`, `run`, `made_at`, `made_by`) VALUES (27,3,4,'motor.T3','splice.S1','MOTOR_BOX','2026-11-26 02:24:45.924',1);
INSERT INTO `wire` (`id`, `plan_id`, `step`, `from_terminal`, `to_terminal`, `run`, `made_at`, `made_by`) VALUES (28,3,5,'motor.T5','splice.S1','MOTOR_BOX','2026-11-26 02:24:46.017',1);
INSERT INTO `wire` (`id`, `plan_id`, `step`, `from_terminal`, `to_terminal`, `run`, `made_at`, `made_by`) VALUES (29,3,6,'motor.T8','switch.1','MOTOR_CABLE',NULL,NULL);
INSERT INTO `wire` (`id`, `plan_id`, `step`, `from_terminal`, `to_terminal`, `run`, `made_at`, `made_by`) VALUES (30,3,7,'switch.1','switch.5','SWITCH_BOX',NULL,NULL);
INSERT INTO `wire` (`id`, `plan_id`, `step`, `from_terminal`, `to_terminal`, `run`, `made_at`, `made_by`) VALUES (31,3,8,'switch.4','supply.L1','SUPPLY_CABLE',NULL,NULL);
INSERT INTO `wire` (`id`, `plan_id`, `step`, `from_terminal`, `to_terminal`, `run`, `made_at`, `made_by`) VALUES (32,3,9,'switch.6','supply.L2','SUPPLY_CABLE',NULL,NULL);
INSERT INTO `wire` (`id`, `plan_id`, `step`, `from_terminal`, `to_terminal`, `run`, `made_at`, `made_by`) VALUES (33,3,10,'motor.G','switch.G','MOTOR_CABLE',NULL,NULL);
INSERT INTO `wire` (`id`, `plan_id`, `step`, `from_terminal`, `to_terminal`, `run`, `made_at`, `made_by`) VALUES (34,3,11,'switch.G','supply.G','SUPPLY_CABLE',NULL,NULL);
INSERT INTO `wire` (`id`, `plan_id`, `step`, `from_terminal`, `to_terminal`, `run`, `made_at`, `made_by`) VALUES (35,4,1,'motor.U1','switch.2','MOTOR_CABLE','2026-11-26 02:24:59.401',2);
INSERT INTO `wire` (`id`, `plan_id`, `step`, `from_terminal`, `to_terminal`, `run`, `made_at`, `made_by`) VALUES (36,4,2,'motor.U2','switch.4','MOTOR_CABLE','2026-11-26 02:24:59.493',2);
INSERT INTO `wire` (`id`, `plan_id`, `step`, `from_terminal`, `to_terminal`, `run`, `made_at`, `made_by`) VALUES (37,4,3,'motor.C1','splice.S1','MOTOR_BOX',NULL,NULL);
INSERT INTO `wire` (`id`, `plan_id`, `step`, `from_terminal`, `to_terminal`, `run`, `made_at`, `made_by`) VALUES (38,4,4,'motor.Z2','splice.S1','MOTOR_BOX',NULL,NULL);
INSERT INTO `wire` (`id`, `plan_id`, `step`, `from_terminal`, `to_terminal`, `run`, `made_at`, `made_by`) VALUES (39,4,5,'motor.C2','switch.1','MOTOR_CABLE',NULL,NULL);
INSERT INTO `wire` (`id`, `plan_id`, `step`, `from_terminal`, `to_terminal`, `run`, `made_at`, `made_by`) VALUES (40,4,6,'motor.Z1','switch.5','MOTOR_CABLE',NULL,NULL);
INSERT INTO `wire` (`id`, `plan_id`, `step`, `from_terminal`, `to_terminal`, `run`, `made_at`, `made_by`) VALUES (41,4,7,'switch.1','switch.9','SWITCH_BOX',NULL,NULL);
INSERT INTO `wire` (`id`, `plan_id`, `step`, `from_terminal`, `to_terminal`, `run`, `made_at`, `made_by`) VALUES (42,4,8,'switch.2','switch.6','SWITCH_BOX',NULL,NULL);
INSERT INTO `wire` (`id`, `plan_id`, `step`, `from_terminal`, `to_terminal`, `run`, `made_at`, `made_by`) VALUES (43,4,9,'switch.3','switch.8','SWITCH_BOX',NULL,NULL);
INSERT INTO `wire` (`id`, `plan_id`, `step`, `from_terminal`, `to_terminal`, `run`, `made_at`, `made_by`) VALUES (44,4,10,'switch.5','switch.7','SWITCH_BOX',NULL,NULL);
INSERT INTO `wire` (`id`, `plan_id`, `step`, `from_terminal`, `to_terminal`, `run`, `made_at`, `made_by`) VALUES (45,4,11,'switch.8','supply.L1','SUPPLY_CABLE',NULL,NULL);
INSERT INTO `wire` (`id`, `plan_id`, `step`, `from_terminal`, `to_terminal`, `run`, `made_at`, `made_by`) VALUES (46,4,12,'switch.9','supply.L2','SUPPLY_CABLE',NULL,NULL);
INSERT INTO `wire` (`id`, `plan_id`, `step`, `from_terminal`, `to_terminal`, `run`, `made_at`, `made_by`) VALUES (47,4,13,'motor.G','switch.G','MOTOR_CABLE',NULL,NULL);
INSERT INTO `wire` (`id`, `plan_id`, `step`, `from_terminal`, `to_terminal`, `run`, `made_at`, `made_by`) VALUES (48,4,14,'switch.G','supply.G','SUPPLY_CABLE',NULL,NULL);
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

