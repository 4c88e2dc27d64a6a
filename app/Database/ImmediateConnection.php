<?php

declare(strict_types=1);

namespace App\Database;

use Illuminate\Database\SQLiteConnection;

/**
 * SQLite whose transactions take the write lock when they begin, so that what they read is still so when they write.
 *
 * PDO knows only a deferred BEGIN, and keeps its own account of being in a transaction; so that account is opened first and
 * the deferred transaction exchanged for an immediate one.
 */
final class ImmediateConnection extends SQLiteConnection
{
    #[\Override]
    protected function executeBeginTransactionStatement(): void
    {
        $pdo = $this->getPdo();
        $pdo->beginTransaction();
        try {
            $pdo->exec('ROLLBACK; BEGIN IMMEDIATE');
        } catch (\PDOException $e) {
            $pdo->exec('BEGIN');
            $pdo->rollBack();
            throw $e;
        }
    }
}
