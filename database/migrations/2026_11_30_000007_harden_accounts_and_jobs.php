<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Schema;

return new class extends Migration
{
    /**
     * Accounts and offices are told apart exactly, offices have administrators, the basis has a revision, and a job
     * knows for which one its members are weighed.
     */
    public function up(): void
    {
        Schema::table('users', function (Blueprint $table): void {
            $table->string('email')->collation('utf8mb4_bin')->change();
            $table->boolean('is_admin')->default(false);
        });
        DB::statement('update users set email = lower(email)');
        // Whoever came first has kept the office so far.
        DB::statement('update users join (select min(id) as first from users where email <> "demo@waage.example" group by office_id) f on users.id = f.first set is_admin = 1');
        // Names that came to be the same are told apart by their numbers.
        DB::statement('update offices o join (select name collate utf8mb4_bin as same, min(id) as first from offices group by same having count(*) > 1) d on o.name collate utf8mb4_bin = d.same and o.id <> d.first set o.name = concat(left(o.name, 100), " (", o.id, ")")');
        Schema::table('offices', function (Blueprint $table): void {
            $table->string('name', 120)->collation('utf8mb4_bin')->unique()->change();
        });
        Schema::table('jobs', function (Blueprint $table): void {
            $table->unsignedInteger('basis_revision')->default(1);
            $table->unsignedInteger('weighed_revision')->default(1)->comment('of the basis that the members are weighed by');
            $table->unsignedInteger('weighed_count')->default(0)->comment('members weighed so far, while that goes on');
        });
    }

    public function down(): void
    {
        Schema::table('jobs', function (Blueprint $table): void {
            $table->dropColumn(['basis_revision', 'weighed_revision', 'weighed_count']);
        });
        Schema::table('offices', function (Blueprint $table): void {
            $table->dropUnique(['name']);
        });
        Schema::table('users', function (Blueprint $table): void {
            $table->dropColumn('is_admin');
        });
    }
};
