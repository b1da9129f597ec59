import { listWeather } from '@/server/repositories/weather';
import { YearPage } from '@/ui/crossing/year/year-page';

const CrossingYearPage = async () => <YearPage initial={await listWeather()} />;

export default CrossingYearPage;
