<?php

declare(strict_types=1);

/* What is wrong with a backup. */
return [
    'there_no_database_in' => 'there is no database in it',
    'holds_file_strange_name' => 'it holds a file of a strange name',
    'there_nothing_yet_back' => 'there is nothing yet to back up',
    'database_could_not_copied' => 'the database could not be copied',
    'its_database_cannot_opened' => 'its database cannot be opened',
    'its_database_damaged' => 'its database is damaged',
    'its_list_contents_cannot' => 'its list of contents cannot be read',
    'another_kind_file' => 'it is another kind of file',
    'version_not_known_here' => 'it has a version that is not known here',
    'its_day_cannot_read' => 'its day cannot be read',
    'could_not_brought_up' => 'it could not be brought up to date (:why)',
    'other_engine' => 'The data are in :engine: back them up with its own tools, as docs/deploying.md says.',
    'cannot_write' => '“:path” cannot be written.',
    'stopped' => '“:path” could not be written to its end. Make room, or name a folder on another disk, and start it again.',
    'stopped_free' => '“:path” could not be written to its end: :free MB are free there. Make room, or name a folder on another disk, and start it again.',
    'broken' => 'This is not a complete backup of Cresco: :what.',
    'newer' => 'This backup was made by a newer Cresco (it knows “:migration”): update first, then restore it.',
    'no_archive' => 'it is not an archive, or was cut off',
    'not_there' => 'the file does not exist',
    'where' => 'Name the file that the backup goes to.',
    'made' => ':rows rows and :photos photos are backed up, and were checked.',
    'photos_missing' => ':count photos are in the log but not on the disk: :names',
    'unchanged' => ':why Nothing was changed.',
    'restored' => 'Everything is as it was on :when UTC: :rows rows and :photos photos. Everybody has to sign in again.',
    'restore_healed' => 'A restore had been cut off. The data are complete again.',
    'imports_cleared' => '{1} One import had been cut off. What was left of it is deleted.|[2,*] :count imports had been cut off. What was left of them is deleted.',
];
