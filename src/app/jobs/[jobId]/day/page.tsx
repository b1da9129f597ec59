import { listWeather } from '@/server/repositories/weather';
import { DayPage } from '@/ui/day/day-page';

const DayRunPage = async () => <DayPage brought={await listWeather()} />;

export default DayRunPage;
