<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

return new class extends Migration
{
    /** What new members of a kind start from, where the office has said so. */
    public function up(): void
    {
        Schema::table('offices', function (Blueprint $table): void {
            $table->json('starts')->nullable();
        });
    }

    public function down(): void
    {
        Schema::table('offices', function (Blueprint $table): void {
            $table->dropColumn('starts');
        });
    }
};
